<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Economy;

use Orthoscope\Core\Economy\Pursuit;
use Orthoscope\Core\Plain\Draw;
use PHPUnit\Framework\TestCase;

/** What ways on are expected to cost, against every order and every place to stop, each played out by hand. */
final class PursuitTest extends TestCase
{
    public function test_no_order_and_no_place_to_stop_costs_less(): void
    {
        $draw = Draw::from('pursuit');
        $dearer = 0;
        for ($round = 0; $round < 60; $round++) {
            [$states, $ways, $end] = $this->problem($draw);
            $pursuit = new Pursuit($states, $ways, $end);
            $costs = array_map(fn (array $order): float => $this->played($states, $ways, $end, $order), $this->orders(array_keys($ways)));
            $this->assertEqualsWithDelta(min($costs), $pursuit->cost(), 1e-9, "round {$round}");
            $this->assertEqualsWithDelta($pursuit->cost(), $this->played($states, $ways, $end, $pursuit->order()), 1e-9);
            foreach (array_keys($ways) as $first) {
                $starting = array_filter($this->orders(array_keys($ways)), fn (array $order): bool => ($order[0] ?? null) === $first);
                $this->assertEqualsWithDelta(
                    min(array_map(fn (array $order): float => $this->played($states, $ways, $end, $order), $starting)),
                    $pursuit->startingWith($first),
                    1e-9,
                );
            }
            $dearer += max($costs) > min($costs) + 1.0 ? 1 : 0;
        }
        $this->assertSame(60, $dearer, 'A problem in which every order costs the same tests nothing.');
    }

    /** With one fault, sure cures and no end the order of falling p/c costs least: Kalagnanam & Henrion 1990. */
    public function test_agrees_with_the_order_of_p_over_c(): void
    {
        $p = [0.3, 0.05, 0.25, 0.1, 0.18, 0.12];
        $costs = [20.0, 2.0, 90.0, 5.0, 12.0, 7.0];
        $ways = array_map(fn (int $i, float $cost): array => ['cost' => $cost, 'cures' => [$i => 1.0]], array_keys($costs), $costs);
        $pursuit = new Pursuit(array_map(fn (int $i, float $w): array => [[$i], $w], array_keys($p), $p), $ways, 1e6);
        $byRatio = array_keys($p);
        usort($byRatio, fn (int $a, int $b): int => $p[$b] / $costs[$b] <=> $p[$a] / $costs[$a]);
        $this->assertSame($byRatio, $pursuit->order());
    }

    public function test_where_nothing_may_be_wrong_that_share_spends_nothing(): void
    {
        $ways = [['cost' => 10.0, 'cures' => [1 => 0.8]]];
        $pursuit = new Pursuit([[[], 0.25], [[1], 0.75]], $ways, 100.0);
        $this->assertEqualsWithDelta([[0.0, 0.25], [10.0, 0.6], [110.0, 0.15]], $pursuit->spread([0]), 1e-12);
        $this->assertSame([[0.0, 1.0]], (new Pursuit([[[], 1.0]], $ways, 100.0))->spread([0]));
        $this->assertEqualsWithDelta([[10.0, 0.8], [110.0, 0.2]], (new Pursuit([[[1], 0.5]], $ways, 100.0))->spread([0]), 1e-12);
    }

    public function test_what_is_spent_adds_up_to_what_is_expected(): void
    {
        $draw = Draw::from('spread');
        for ($round = 0; $round < 30; $round++) {
            [$states, $ways, $end] = $this->problem($draw);
            $pursuit = new Pursuit($states, $ways, $end);
            $spread = $pursuit->spread($pursuit->order());
            $this->assertEqualsWithDelta(1.0, array_sum(array_column($spread, 1)), 1e-9);
            $mean = array_sum(array_map(fn (array $row): float => $row[0] * $row[1], $spread));
            $this->assertEqualsWithDelta($pursuit->cost(), $mean, 1e-9);
        }
    }

    public function test_two_faults_need_both_ways(): void
    {
        $pursuit = new Pursuit([[[0, 1], 1.0]], [['cost' => 10.0, 'cures' => [0 => 1.0]], ['cost' => 20.0, 'cures' => [1 => 1.0]]], 500.0);
        $this->assertEqualsWithDelta(30.0, $pursuit->cost(), 1e-9);
        $this->assertEqualsWithDelta(1.0, $pursuit->leaves(0), 1e-9);
    }

    public function test_a_sound_machine_costs_nothing(): void
    {
        $pursuit = new Pursuit([[[], 1.0]], [['cost' => 10.0, 'cures' => [0 => 1.0]]], 500.0);
        $this->assertSame(0.0, $pursuit->cost());
        $this->assertSame([], $pursuit->order());
    }

    /** @return array{list<array{list<int>, float}>, array<int, array{cost: float, cures: array<int, float>}>, float} */
    private function problem(Draw $draw): array
    {
        $states = [[[], 0.05]];
        foreach ([[0], [1], [2], [3], [0, 1], [1, 3]] as $faults) {
            $states[] = [$faults, $draw->unit()];
        }
        $total = array_sum(array_column($states, 1));
        $ways = [];
        foreach ([[0, 1], [1], [2, 3], [3]] as $i => $cures) {
            $ways[$i] = ['cost' => 5.0 + 100.0 * $draw->unit(), 'cures' => array_fill_keys($cures, 0.5 + 0.5 * $draw->unit())];
        }

        return [array_map(fn (array $s): array => [$s[0], $s[1] / $total], $states), $ways, 100.0 + 300.0 * $draw->unit()];
    }

    /**
     * One order played out on every state and every luck of its ways.
     *
     * @param  list<array{list<int>, float}>  $states
     * @param  array<int, array{cost: float, cures: array<int, float>}>  $ways
     * @param  list<int>  $order
     */
    private function played(array $states, array $ways, float $end, array $order): float
    {
        $sum = 0.0;
        foreach ($states as [$faults, $weight]) {
            $sum += $weight * $this->courses($faults, $ways, $end, $order);
        }

        return $sum;
    }

    /**
     * @param  list<int>  $faults still there
     * @param  array<int, array{cost: float, cures: array<int, float>}>  $ways
     * @param  list<int>  $order
     */
    private function courses(array $faults, array $ways, float $end, array $order): float
    {
        if ($faults === []) {
            return 0.0;
        }
        if ($order === []) {
            return $end;
        }
        $way = $ways[array_shift($order)];
        $lucks = [[[], 1.0]];
        foreach ($faults as $fault) {
            $cure = $way['cures'][$fault] ?? 0.0;
            $next = [];
            foreach ($lucks as [$left, $p]) {
                $next[] = [$left, $p * $cure];
                $next[] = [[...$left, $fault], $p * (1.0 - $cure)];
            }
            $lucks = $next;
        }
        $sum = $way['cost'];
        foreach ($lucks as [$left, $p]) {
            $sum += $p > 0.0 ? $p * $this->courses($left, $ways, $end, $order) : 0.0;
        }

        return $sum;
    }

    /**
     * @param  list<int>  $ways
     *
     * @return list<list<int>> every order of every number of them
     */
    private function orders(array $ways): array
    {
        $orders = [[]];
        foreach ($ways as $way) {
            foreach ($this->orders(array_values(array_diff($ways, [$way]))) as $rest) {
                $orders[] = [$way, ...$rest];
            }
        }

        return $orders;
    }
}
