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
