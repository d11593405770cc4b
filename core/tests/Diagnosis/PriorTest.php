<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Diagnosis\Mode;
use Orthoscope\Core\Diagnosis\Prior;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class PriorTest extends TestCase
{
    public function test_those_drawn_from_are_those_believed_in(): void
    {
        $prior = Bench::replay([])->prior();
        $shares = $prior->likeliestFirst();
        $all = array_sum($shares);
        $believed = array_filter($prior->belief(0.0)->sets(), fn (array $set): bool => $set[0] !== []);
        $this->assertCount(count($believed), $shares);
        $sum = array_sum(array_column($believed, 1));
        $drawn = [];
        foreach (array_slice($shares, 0, 2000, true) as $set => $share) {
            $drawn[implode(' ', Prior::faultsOf($set))] = $share / $all;
        }
        $this->assertCount(2000, $drawn);
        foreach (array_slice($believed, 0, 1500) as [$set, $p]) {
            $this->assertEqualsWithDelta($p / $sum, $drawn[implode(' ', $set)], 1e-9);
        }
        $this->assertSame(max($shares), reset($shares));
    }

    public function test_all_pairs_of_a_fault_are_as_likely_as_each_by_itself(): void
    {
        $prior = Bench::replay([])->prior();
        $modes = array_keys($prior->alone());
        $none = 0;
        foreach ($modes as $i => $mode) {
            $each = array_map(fn (int $other): float => $prior->pair($mode, $other), array_slice($modes, $i + 1));
            $this->assertSame($each, $prior->pairsOf($mode));
            $none += count(array_filter($each, fn (float $p): bool => $p === 0.0));
        }
        $this->assertGreaterThan(0, $none, 'One part has the same fault once.');
    }

    public function test_only_pairs_that_the_first_entry_would_drop_are_left_out(): void
    {
        $prior = Bench::replay([])->prior();
        $dropped = 6e-7;
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['fans' => 'spin', 'lamp' => 'memory']];
        $case = Bench::case([$dark]);
        $short = Replay::of($case->machine, $case->record, Bench::catalogue(), pruneBelow: $dropped);
        $full = $prior->belief($dropped);
        $this->assertGreaterThan($short->belief->stateCount(), $full->stateCount());
        $this->assertEqualsWithDelta(1.0, array_sum($short->belief->bySet()), 1e-9);
        $longWay = Replay::among(array_column($full->sets(), 0), $case->machine, $case->record, Bench::catalogue())->belief->bySet();
        $kept = array_filter($longWay, fn (float $p): bool => $p > 1.05 * $dropped);
        $this->assertSame([], array_diff_key($kept, $short->belief->bySet()));
    }

    public function test_doubles_have_the_stated_share_of_jobs(): void
    {
        $bySize = [0.0, 0.0, 0.0];
        foreach ($this->prior()->belief(0.0)->sets() as [$set, $p]) {
            $bySize[count($set)] += $p;
        }
        $this->assertEqualsWithDelta(0.01, $bySize[0], 1e-9);
        $this->assertEqualsWithDelta(0.15, $bySize[2], 1e-9);
        $this->assertEqualsWithDelta(1.0, array_sum($bySize), 1e-9);
    }

    public function test_one_fault_that_brings_another_about_makes_the_pair_as_likely_as_stated(): void
    {
        $replay = Bench::replay([]);
        $modes = $replay->model->modes->all;
        $cell = $settings = $both = 0.0;
        foreach ($replay->prior()->belief(0.0)->sets() as [$set, $p]) {
            $faults = array_map(fn (int $m): string => $modes[$m]->fault->id, $set);
            $cell += in_array('cell-flat', $faults, true) ? $p : 0.0;
            $both += in_array('cell-flat', $faults, true) && in_array('settings-bad', $faults, true) ? $p : 0.0;
            $settings += in_array('settings-bad', $faults, true) ? $p : 0.0;
        }
        // Stated: settings go bad in one of five machines whose cell is flat; most others of those have it as one of a chance pair.
        $this->assertEqualsWithDelta(0.2 * 0.82, $both / $cell, 0.05);
        $this->assertGreaterThan(3 * $cell * $settings, $both);
    }

    public function test_one_part_may_have_two_faults_and_never_the_same_twice(): void
    {
        $replay = Bench::replay([]);
        $modes = $replay->model->modes->all;
        $prior = $replay->prior();
        $p = $prior->alone();
        $of = fn (string $fault): int => array_key_first(array_filter($modes, fn (Mode $mode): bool => $mode->fault->id === $fault)) ?? -1;
        [$dead, $regulator, $card] = [$of('board-dead'), $of('board-regulator'), $of('card-dead')];
        $against = fn (int $a, int $b): float => $prior->pair(min($a, $b), max($a, $b)) / ($p[$a] * $p[$b]);
        $this->assertEqualsWithDelta(0.15 * $against($dead, $card), $against($dead, $regulator), 1e-9, 'Stated in the catalogue.');
        $same = array_keys(array_filter($modes, fn (Mode $mode): bool => $mode->fault->id === 'board-flaky'));
        $this->assertGreaterThan(1, count($same));
        $this->assertSame(0.0, $prior->pair($same[0], $same[1]));
    }

    public function test_the_triples_together_have_their_share(): void
    {
        $prior = $this->prior();
        $modes = array_slice(array_keys($prior->alone()), 0, 40);
        $sum = 0.0;
        foreach ($modes as $i => $a) {
            foreach (array_slice($modes, $i + 1) as $j => $b) {
                foreach (array_slice($modes, $i + $j + 2) as $c) {
                    $sum += $prior->triple($a, $b, $c);
                }
            }
        }
        $this->assertGreaterThan(0.0, $sum);
        $this->assertLessThan(0.01, $sum, 'a part of all triples has less than all of them');
    }

    /** Elementary symmetric polynomials by Newton's identities, here summed one by one. */
    public function test_a_triple_has_its_part_of_all_triples(): void
    {
        $prior = $this->prior();
        $paired = array_values($prior->alone());
        $sums = [1.0, 0.0, 0.0, 0.0];
        foreach ($paired as $p) {
            for ($k = 3; $k > 0; $k--) {
                $sums[$k] += $p * $sums[$k - 1];
            }
        }
        $modes = array_keys($prior->alone());
        [$a, $b, $c] = [$modes[0], $modes[intdiv(count($modes), 2)], $modes[count($modes) - 1]];
        $share = $prior->alone()[$a] * $prior->alone()[$b] * $prior->alone()[$c] / $sums[3];
        $this->assertEqualsWithDelta(Bench::catalogue()->number('triple_share') * $share, $prior->triple($a, $b, $c), 1e-12);
    }

    public function test_every_part_that_is_bought_may_have_a_fault_that_has_no_name(): void
    {
        $replay = Bench::replay([]);
        foreach (['supply', 'board', 'processor', 'stick-1', 'card', 'drive', 'screen', 'cooler'] as $part) {
            $ofPart = $replay->model->modes->ofPart($part);
            $unknown = array_filter($ofPart, fn ($mode): bool => str_starts_with($mode->fault->id, 'unknown-'));
            $this->assertCount(3, $unknown, "{$part}: one for each rate it may show at");
        }
    }

    public function test_what_happened_just_before_shifts_by_its_factor(): void
    {
        $odds = function (array $events): float {
            $replay = Replay::of(...$this->case($events));
            $faults = array_map(fn ($mode): string => $mode->fault->id, $replay->model->modes->all);
            $p = fn (string $fault): float => array_sum(
                array_intersect_key($replay->belief->marginals(), array_filter($faults, fn (string $f): bool => $f === $fault)),
            );

            return $p('firmware-corrupt') / $p('board-dead');
        };
        $this->assertEqualsWithDelta(15.0, $odds(['firmware-update']) / $odds([]), 2.0);
    }

    private function prior(): Prior
    {
        return Bench::replay([])->prior();
    }

    /**
     * @param  list<string>  $events
     *
     * @return array{mixed, mixed, mixed}
     */
    private function case(array $events): array
    {
        $case = Bench::case([['kind' => 'report', 'events' => $events]]);

        return [$case->machine, $case->record, Bench::catalogue()];
    }
}
