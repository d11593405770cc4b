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
     * @param  ?int  $end    the one that ends it, whatever is still needed: it comes once going on would cost more
     *
     * @return array{list<int>, float} the order and the expected cost, for states as weighed (not normalised)
     */
    public static function best(array $states, array $costs, ?array $vain = null, ?int $end = null): array
    {
        $vain ??= $costs;
        $ratio = [];
        foreach ($states as [$needs, $weight]) {
            foreach ($needs as $repair) {
                $ratio[$repair] = ($ratio[$repair] ?? 0.0) + $weight / $vain[$repair];
            }
        }
        unset($ratio[$end ?? -1]);
        arsort($ratio);
        $order = array_keys($ratio);

        return $end === null ? [$order, self::cost($states, $costs, $order, $vain)] : self::ended($states, $costs, $order, $vain, $end);
    }

    /**
     * An order cut short where ending it there is expected to cost least.
     *
     * @param  list<array{list<int>, float}>  $states
     * @param  array<int, float>  $costs
     * @param  list<int>  $order
     * @param  array<int, float>  $vain
     *
     * @return array{list<int>, float}
     */
    private static function ended(array $states, array $costs, array $order, array $vain, int $end): array
    {
        $place = array_flip($order);
        $until = [0.0];
        foreach ($order as $i => $repair) {
            $until[$i + 1] = $until[$i] + $vain[$repair];
        }
        $left = 0.0;
        $solved = $spent = array_fill(0, count($order) + 1, 0.0);
        foreach ($states as [$needs, $weight]) {
            $left += $weight;
            $last = 0;
            $more = 0.0;
            foreach ($needs as $repair) {
                if ($repair === $end) {
                    continue 2;
                }
                $last = max($last, $place[$repair] + 1);
                $more += $costs[$repair] - $vain[$repair];
            }
            $solved[$last] += $weight;
            $spent[$last] += $weight * ($until[$last] + $more);
        }
        $best = [INF, 0];
        $done = 0.0;
        foreach ($until as $i => $so) {
            $left -= $solved[$i];
            $done += $spent[$i];
            $cost = $done + max(0.0, $left) * ($so + $costs[$end]);
            if ($cost < $best[0]) {
                $best = [$cost, $i];
                $ends = $left > 1e-12;
            }
        }

        return [[...array_slice($order, 0, $best[1]), ...($ends ?? false ? [$end] : [])], $best[0]];
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
