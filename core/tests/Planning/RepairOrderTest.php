<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Planning\RepairOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * With one fault and independent costs the order of falling p/c costs least: Kalagnanam & Henrion 1990; Heckerman,
 * Breese & Rommelse, "Decision-theoretic troubleshooting", CACM 38(3) 1995. Checked against every other order.
 */
final class RepairOrderTest extends TestCase
{
    /** @return iterable<string, array{list<float>, array<int, float>}> */
    public static function problems(): iterable
    {
        yield 'six repairs' => [[0.30, 0.05, 0.25, 0.10, 0.18, 0.12], [20.0, 2.0, 90.0, 5.0, 12.0, 7.0]];
        yield 'seven repairs, cheap ones unlikely' => [[0.02, 0.03, 0.05, 0.1, 0.2, 0.25, 0.35], [1.0, 2.0, 3.0, 30.0, 60.0, 100.0, 166.0]];
    }

    /**
     * @param  list<float>  $p
     * @param  array<int, float>  $costs
     */
    #[DataProvider('problems')]
    public function test_no_permutation_costs_less(array $p, array $costs): void
    {
        $states = array_map(fn (int $i, float $w): array => [[$i], $w], array_keys($p), $p);
        [, $best] = RepairOrder::best($states, $costs);
        $least = INF;
        $count = 0;
        foreach ($this->permutations(array_keys($p)) as $order) {
            $least = min($least, $this->plainCost($order, $p, $costs));
            $count++;
        }
        $this->assertSame((int) array_product(range(1, count($p))), $count);
        $this->assertEqualsWithDelta($least, $best, 1e-9);
    }

    public function test_two_faults_cost_until_the_last_is_repaired(): void
    {
        $states = [[[0], 0.5], [[0, 1], 0.3], [[], 0.2]];
        $this->assertEqualsWithDelta(0.5 * 10 + 0.3 * 14, RepairOrder::cost($states, [10.0, 4.0], [0, 1]), 1e-12);
        $this->assertEqualsWithDelta(0.8 * 14, RepairOrder::cost($states, [10.0, 4.0], [1, 0]), 1e-12);
    }

    public function test_what_ends_it_comes_once_going_on_would_cost_more(): void
    {
        // Repair 0 is likely and cheap, repair 1 unlikely and dear, 2 hands it on.
        $states = [[[0], 0.7], [[1], 0.1], [[2], 0.2]];
        [$order, $cost] = RepairOrder::best($states, [10.0, 100.0, 40.0], [10.0, 300.0, 40.0], 2);
        $this->assertSame([0, 2], $order);
        $this->assertEqualsWithDelta(0.7 * 10 + 0.3 * (10 + 40), $cost, 1e-12);
        // The dearer the end, the later it comes.
        [$order, $cost] = RepairOrder::best($states, [10.0, 100.0, 2000.0], [10.0, 300.0, 2000.0], 2);
        $this->assertSame([0, 1, 2], $order);
        $this->assertEqualsWithDelta(0.7 * 10 + 0.1 * (10 + 100) + 0.2 * (10 + 300 + 2000), $cost, 1e-12);
        // And at once where it is all that helps.
        $this->assertSame([[2], 40.0], RepairOrder::best([[[2], 1.0]], [2 => 40.0], null, 2));
    }

    public function test_what_ends_it_is_left_out_where_nothing_is_left_to_end(): void
    {
        [$order, $cost] = RepairOrder::best([[[0], 0.6], [[0, 1], 0.4]], [5.0, 7.0, 500.0], null, 2);
        $this->assertSame([0, 1], $order);
        $this->assertEqualsWithDelta(0.6 * 5 + 0.4 * 12, $cost, 1e-12);
    }

    /**
     * Worked out the long way: go through the order and pay until the fault is met.
     *
     * @param  list<int>  $order
     * @param  list<float>  $p
     * @param  array<int, float>  $costs
     */
    private function plainCost(array $order, array $p, array $costs): float
    {
        $expected = 0.0;
        foreach ($p as $fault => $weight) {
            foreach ($order as $repair) {
                $expected += $weight * $costs[$repair];
                if ($repair === $fault) {
                    break;
                }
            }
        }

        return $expected;
    }

    /**
     * @param  list<int>  $items
     *
     * @return iterable<list<int>>
     */
    private function permutations(array $items): iterable
    {
        if (count($items) < 2) {
            yield $items;

            return;
        }
        foreach ($items as $i => $first) {
            $rest = $items;
            unset($rest[$i]);
            foreach ($this->permutations(array_values($rest)) as $tail) {
                yield [$first, ...$tail];
            }
        }
    }
}
