<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Planning\RepairNeeds;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Which repairs fault sets need, and when a test comes before one. */
final class RepairNeedsTest extends TestCase
{
    public function test_what_a_board_carries_is_replaced_with_the_board(): void
    {
        [$needs, $replay] = $this->needs([]);
        $this->assertSame($needs->of([$this->mode($replay, 'board-dead')]), $needs->of([$this->mode($replay, 'slot-dead')]));
        $this->assertNotSame($needs->of([$this->mode($replay, 'board-dead')]), $needs->of([$this->mode($replay, 'settings-bad')]));
    }

    public function test_nothing_wrong_needs_nothing_and_the_order_of_faults_does_not_matter(): void
    {
        [$needs, $replay] = $this->needs([]);
        [$a, $b] = [$this->mode($replay, 'supply-dead'), $this->mode($replay, 'cell-flat')];
        $this->assertSame(0, $needs->of([]));
        $this->assertSame($needs->of([$a, $b]), $needs->of([$b, $a]));
    }

    public function test_a_dear_part_in_doubt_is_tested_first_and_replaced_outright_when_sure(): void
    {
        [$needs, $replay] = $this->needs([], ['supply' => 7]);
        $supply = $needs->of([$this->mode($replay, 'supply-dead')]);
        $settings = $needs->of([$this->mode($replay, 'settings-bad')]);
        $replace = array_search('replace:supply', array_map(fn ($r): string => $r->id(), $needs->repairs), true);
        $this->assertFalse($needs->order([$supply => 0.5, $settings => 0.5])[2][$replace]);
        $this->assertTrue($needs->order([$supply => 0.999, $settings => 0.001])[2][$replace]);
        [$untested, $replay] = $this->needs([]);
        $this->assertTrue(
            $untested->order([
                $untested->of([$this->mode($replay, 'supply-dead')]) => 0.5,
                $untested->of([$this->mode($replay, 'settings-bad')]) => 0.5,
            ])[2][$replace],
        );
    }

    public function test_a_test_makes_the_plan_cheaper(): void
    {
        $cost = function (array $tests): float {
            [$needs, $replay] = $this->needs([], $tests);

            return $needs->order([
                $needs->of([$this->mode($replay, 'supply-dead')]) => 0.5,
                $needs->of([$this->mode($replay, 'card-dead')]) => 0.5,
            ])[1];
        };
        $this->assertLessThan($cost([]), $cost(['supply' => 7, 'card' => 10]));
        // By hand: half the machines need the supply, found with the 7 minutes of its test; half the card, found with 7 and 10.
        [$needs] = $this->needs([]);
        $price = array_column(array_map(fn ($r): array => [$r->id(), $r->cost], $needs->repairs), 1, 0);
        $this->assertEqualsWithDelta(
            0.5 * (7 + $price['replace:supply']) + 0.5 * (7 + 10 + $price['replace:card']),
            $cost(['supply' => 7, 'card' => 10]),
            1e-9,
        );
    }

    public function test_a_repair_done_gives_way_to_the_next_and_at_last_to_a_specialist(): void
    {
        $write = ['kind' => 'act', 'act' => 'write-firmware', 'on' => ['firmware']];
        $fallBack = ['kind' => 'act', 'act' => 'fall-back-chip', 'on' => ['firmware']];
        $named = function (array $entries): string {
            [$needs, $replay] = $this->needs($entries);

            return $needs->repairs[
                (int) array_key_first($needs->probabilities([$needs->of([$this->mode($replay, 'firmware-corrupt')]) => 1.0]))
            ]->id();
        };
        $this->assertSame('write-firmware:firmware', $named([]));
        $this->assertSame('fall-back-chip:firmware', $named([$write]));
        $this->assertSame('replace:board', $named([$write, $fallBack]));
        $this->assertSame('write-firmware:firmware', $named([[...$write, 'begun' => true]]), 'what was only begun is still to be done');
    }

    public function test_what_is_left_after_a_repair_is_what_it_does_not_cure(): void
    {
        [$needs, $replay] = $this->needs([]);
        $cell = $this->mode($replay, 'cell-flat');
        $settings = $this->mode($replay, 'settings-bad');
        $one = $needs->of([$cell]);
        $both = $needs->of([min($cell, $settings), max($cell, $settings)]);
        $other = $needs->of([$settings]);
        $numbers = array_flip(array_map(fn ($repair): string => $repair->id(), $needs->repairs));
        $first = $numbers['replace-cell:cell'];
        [$minutes, $left] = $needs->done($first, [$one => 0.5, $both => 0.3, $other => 0.2]);
        $this->assertEqualsWithDelta([$other => 0.5], $left, 1e-12);
        // An act that buys no part takes as long in vain as when it is needed.
        $this->assertEqualsWithDelta($needs->repairs[$first]->cost, $minutes, 1e-9);
    }

    public function test_what_fails_late_takes_longer_to_be_seen_put_right(): void
    {
        $case = Bench::case([]);
        $replay = Replay::of($case->machine, $case->record, Bench::catalogue());
        $costs = fn (int $longer): array => array_map(
            fn ($repair): float => $repair->cost,
            (new RepairNeeds(Bench::catalogue(), $replay, $case->record, [], $longer))->repairs,
        );
        $ids = array_map(fn ($repair): string => $repair->id(), (new RepairNeeds(Bench::catalogue(), $replay, $case->record, []))->repairs);
        foreach ($ids as $number => $id) {
            $isEnd = str_starts_with($id, 'hand-on');
            $this->assertEqualsWithDelta($isEnd ? 0.0 : 12.0, $costs(12)[$number] - $costs(0)[$number], 1e-9, $id);
        }
    }

    public function test_a_third_new_part_in_a_row_is_not_bought(): void
    {
        $replace = ['kind' => 'act', 'act' => 'replace', 'on' => ['card']];
        $new = fn (string $tag): array => [...$replace, 'with' => ['tag' => $tag, 'trust' => 0.97]];
        $named = function (array ...$entries): string {
            [$needs, $replay] = $this->needs(array_values($entries));
            $fitted = $replay->fitted['card'];
            $bad = array_keys(array_filter($replay->model->modes->all, fn ($mode): bool => $mode->spare === $fitted));

            return $needs->repairs[(int) array_key_first($needs->probabilities([$needs->of([$bad[0]]) => 1.0]))]->id();
        };
        $this->assertSame('replace:card', $named($new('O-1')), 'one may be bad when it comes');
        $this->assertSame('hand-on:outside', $named($new('O-1'), $new('O-2')));
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, int>  $tests
     *
     * @return array{RepairNeeds, Replay}
     */
    private function needs(array $entries, array $tests = []): array
    {
        $case = Bench::case($entries);
        $replay = Replay::of($case->machine, $case->record, Bench::catalogue());

        return [new RepairNeeds(Bench::catalogue(), $replay, $case->record, $tests), $replay];
    }

    private function mode(Replay $replay, string $fault): int
    {
        foreach ($replay->model->modes->all as $i => $mode) {
            if ($mode->fault->id === $fault) {
                return $i;
            }
        }
        $this->fail("no {$fault}");
    }
}
