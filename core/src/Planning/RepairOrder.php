<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/**
 * The order in which to try repairs, and what it is expected to cost until the last one needed is done.
 *
 * A repair that turns out not to be needed may cost less than the repair itself: a test before it, or a swap, shows so
 * in time. With one fault and independent costs the order of falling p/c costs least, where c is what a try costs in
 * vain (Kalagnanam & Henrion 1990; Heckerman, Breese & Rommelse, CACM 38(3) 1995). With several faults it is a good
 * order, and its cost is still exact.
 */
final class RepairOrder
{
    /**
     * @param  list<array{list<int>, float}>  $states repairs needed in a state, and its probability
     * @param  array<int, float>  $costs  repair => cost when it is needed, above 0
     * @param  ?array<int, float>  $vain   repair => cost when it is not; the same if not given
     *
     * @return array{list<int>, float} the order and the expected cost, for states as weighed (not normalised)
     */
    public static function best(array $states, array $costs, ?array $vain = null): array
    {
        $vain ??= $costs;
        $ratio = [];
        foreach ($states as [$needs, $weight]) {
            foreach ($needs as $repair) {
                $ratio[$repair] = ($ratio[$repair] ?? 0.0) + $weight / $vain[$repair];
            }
        }
        arsort($ratio);
        $order = array_keys($ratio);

        return [$order, self::cost($states, $costs, $order, $vain)];
    }

    /**
     * Expected cost of one order.
     *
     * @param  list<array{list<int>, float}>  $states
     * @param  array<int, float>  $costs
     * @param  list<int>  $order
     * @param  ?array<int, float>  $vain
     */
    public static function cost(array $states, array $costs, array $order, ?array $vain = null): float
    {
        $vain ??= $costs;
        $spent = 0.0;
        $until = [];
        foreach ($order as $repair) {
            $until[$repair] = $spent += $vain[$repair];
        }
        $expected = 0.0;
        foreach ($states as [$needs, $weight]) {
            $last = $more = 0.0;
            foreach ($needs as $repair) {
                $more += $costs[$repair] - $vain[$repair];
                if ($until[$repair] > $last) {
                    $last = $until[$repair];
                }
            }
            $expected += $weight * ($last + $more);
        }

        return $expected;
    }
}
