<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

/**
 * The order in which to try repairs, and what it is expected to cost until the last one needed is done.
 *
 * With one fault and independent costs the order of falling p/c costs least (Kalagnanam & Henrion 1990; Heckerman,
 * Breese & Rommelse, CACM 38(3) 1995). With two faults it is a good order, and its cost is still exact.
 */
final class RepairOrder
{
    /**
     * @param  list<array{list<int>, float}>  $states repairs needed in a state, and its probability
     * @param  array<int, float>  $costs  repair => cost, above 0
     *
     * @return array{list<int>, float} the order and the expected cost, for states as weighed (not normalised)
     */
    public static function best(array $states, array $costs): array
    {
        $needed = [];
        foreach ($states as [$needs, $weight]) {
            foreach ($needs as $repair) {
                $needed[$repair] = ($needed[$repair] ?? 0.0) + $weight;
            }
        }
        foreach ($needed as $repair => $p) {
            $needed[$repair] = $p / $costs[$repair];
        }
        arsort($needed);
        $order = array_keys($needed);

        return [$order, self::cost($states, $costs, $order)];
    }

    /**
     * Expected cost of one order.
     *
     * @param  list<array{list<int>, float}>  $states
     * @param  array<int, float>  $costs
     * @param  list<int>  $order
     */
    public static function cost(array $states, array $costs, array $order): float
    {
        $spent = 0.0;
        $until = [];
        foreach ($order as $repair) {
            $until[$repair] = $spent += $costs[$repair];
        }
        $expected = 0.0;
        foreach ($states as [$needs, $weight]) {
            $last = 0.0;
            foreach ($needs as $repair) {
                if ($until[$repair] > $last) {
                    $last = $until[$repair];
                }
            }
            $expected += $weight * $last;
        }

        return $expected;
    }
}
