<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Economy;

use Orthoscope\Core\Assessment\Adviser;
use Orthoscope\Core\CaseFile\CaseFile;
use Orthoscope\Core\Economy\Decision;
use Orthoscope\Core\Economy\Offer;
use Orthoscope\Core\Economy\Option;
use Orthoscope\Core\Economy\Terms;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class DecisionTest extends TestCase
{
    private const SUPPLY = [
        ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12', 'trust' => 0.97]]]],
        ['kind' => 'start', 'reached' => 'nothing'],
    ];

    public function test_a_confirmed_supply_is_replaced_and_no_test_is_worth_its_minutes(): void
    {
        $decision = $this->decide(self::SUPPLY);
        $this->assertStringStartsWith('replace:supply', $decision->options[0]->id);
        $this->assertGreaterThan(0.75, $decision->options[0]->expects->cures);
        $this->assertLessThanOrEqual(0, $decision->test?->saves);
        $this->assertStringContainsString('Deciding now', $decision->testingSentence());
        $this->assertStringContainsString('It fixes it in', $decision->why);
    }

    public function test_before_it_is_known_a_test_is_worth_more_than_buying(): void
    {
        $decision = $this->decide([['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']]]);
        $this->assertSame('test', $decision->options[0]->way);
        $this->assertGreaterThan(0, $decision->test?->saves);
        $this->assertStringContainsString('whatever is bought now would be bought too soon', $decision->why);
        $this->assertSame('', $decision->testingSentence(), 'said once');
    }

    public function test_what_testing_on_costs_is_the_mean_of_all_that_may_follow_it(): void
    {
        foreach ([self::SUPPLY, [self::SUPPLY[0]]] as $entries) {
            $decision = $this->decide($entries);
            $spread = $decision->test->spread ?? [];
            $test = $decision->option('test');
            $this->assertEqualsWithDelta(1.0, array_sum(array_column($spread, 1)), 1e-9);
            $this->assertEqualsWithDelta(
                array_sum(array_map(fn (array $row): float => $row[0] * $row[1], $spread)),
                $test?->expects->cost,
                2.0,
            );
            $this->assertGreaterThan($test->expects->cost, $test->expects->range[1], 'What follows can cost more than is expected.');
            $this->assertGreaterThanOrEqual($test->expects->outlay, $test->expects->range[0]);
        }
    }

    public function test_where_it_is_right_already_nothing_more_is_the_way_on(): void
    {
        $decision = $this->decide([
            ...self::SUPPLY,
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply'], 'with' => ['tag' => 'new']],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 4],
        ]);
        $this->assertSame('prove', $decision->options[0]->way);
        $this->assertStringContainsString('It is right with', $decision->why);
        $this->assertSame('', $decision->testingSentence());
        $this->assertFalse($decision->options[0]->canBeQuoted());
        foreach ($decision->options as $option) {
            $this->assertGreaterThanOrEqual(
                $decision->options[0]->expects->cures - 1e-9,
                $option->expects->cures,
                "{$option->id} leaves right what is right.",
            );
        }
        $this->assertSame($decision->now, $decision->options[0]->expects->cost);
        $this->assertNull($this->decide(self::SUPPLY)->option('prove'));
    }

    /** One stick of two is bad: it runs on the other. */
    private const STICK = [
        ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['out' => ['stick-2']]],
        ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']],
        ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-2', 'result' => 'fails'],
    ];

    public function test_it_can_run_on_what_works(): void
    {
        $decision = $this->decide(self::STICK);
        $runOn = array_values(array_filter($decision->options, fn (Option $option): bool => $option->way === 'run-on'));
        $this->assertCount(1, $runOn);
        $this->assertSame('stick-2', $runOn[0]->part);
        $this->assertSame(0, $runOn[0]->cost->parts, 'It buys nothing.');
        $this->assertGreaterThan(0.8, $runOn[0]->expects->cures);
        $this->assertFalse($runOn[0]->isFolded());
        $this->assertContains('What is left out is still broken, and it does without it.', $runOn[0]->leaves);
        $this->assertSame(
            [],
            array_filter(
                $this->decide(self::SUPPLY)->options,
                fn (Option $option): bool => $option->way === 'run-on' && $option->part === 'supply',
            ),
        );
    }

    public function test_what_hardly_cures_is_folded_and_an_end_never_is(): void
    {
        foreach ([self::STICK, self::SUPPLY] as $entries) {
            $decision = $this->decide($entries);
            $folded = array_filter($decision->options, fn (Option $option): bool => $option->isFolded());
            $this->assertNotSame([], $folded);
            $this->assertNotContains($decision->options[0], $folded, 'The way that is advised is never folded.');
            foreach ($folded as $option) {
                $this->assertLessThan(0.1, $option->expects->cures, $option->id);
                $this->assertFalse($option->end, $option->id);
            }
        }
    }

    public function test_options_are_ordered_by_what_they_are_expected_to_cost(): void
    {
        $decision = $this->decide(self::SUPPLY);
        $expected = array_map(fn (Option $option): int => $option->expects->cost, $decision->options);
        $sorted = $expected;
        sort($sorted);
        $this->assertSame($sorted, $expected);
        $this->assertNotNull($decision->option('return'));
        $this->assertNotNull($decision->option('specialist'));
        $this->assertNotNull($decision->option('salvage'));
        foreach ($decision->options as $option) {
            $this->assertGreaterThanOrEqual(0.0, $option->expects->cures, $option->id);
            $this->assertLessThanOrEqual(1.0, $option->expects->cures + $option->expects->other, $option->id);
            $this->assertLessThanOrEqual($option->expects->range[1], $option->expects->range[0], $option->id);
            $this->assertNotSame('', $option->name);
        }
    }

    public function test_a_machine_worth_little_goes_back_unrepaired(): void
    {
        $decision = $this->decide(self::SUPPLY, new Terms(worth: 2000));
        $this->assertTrue($decision->options[0]->end);
        $this->assertStringContainsString('more than the machine is worth', $decision->why);
    }

    public function test_nine_in_ten_courses_lie_in_the_range_that_is_told(): void
    {
        $decision = $this->decide([self::SUPPLY[0]]);
        [$from, $to] = $decision->option('test')->expects->range ?? [0, 0];
        $below = $above = $within = 0.0;
        foreach ($decision->test->spread ?? [] as [$cost, $p]) {
            $below += $cost < $from ? $p : 0.0;
            $above += $cost > $to ? $p : 0.0;
            $within += $cost >= $from && $cost <= $to ? $p : 0.0;
        }
        $this->assertLessThanOrEqual(0.05, $below);
        $this->assertLessThanOrEqual(0.05, $above);
        $this->assertGreaterThanOrEqual(0.9, $within);
    }

    /** By hand: the fee, the minutes at what they cost, half the days at what a day costs, and what the owner has then lost. */
    public function test_an_end_costs_its_fee_minutes_days_and_what_is_lost(): void
    {
        $catalogue = Bench::catalogue();
        $decision = $this->decide(self::SUPPLY, new Terms(worth: 40000));
        $ends = array_filter($decision->options, fn (Option $option): bool => $option->end);
        $this->assertNotSame([], $ends);
        foreach ($ends as $option) {
            $end = $catalogue->economy->ends[$option->id];
            $at = $this->decide(self::SUPPLY, new Terms(worth: 0))->option($option->id);
            $bare =
                $end->fee +
                $end->minutes * $catalogue->number('money_per_minute') +
                ($catalogue->economy->day * ($end->days[0] + $end->days[1])) / 2;
            $this->assertNotNull($at);
            $this->assertEqualsWithDelta($bare, $at->expects->outlay, 1.0, $option->id);
            $this->assertGreaterThanOrEqual($at->expects->outlay, $option->expects->outlay, $option->id);
        }
    }

    public function test_what_nobody_has_is_no_way_on(): void
    {
        $offer = $this->offer(stock: 1);
        $decision = $this->decide(self::SUPPLY, new Terms(offers: ['supply' => [$offer]]), shelf: []);
        $this->assertSame(5000, $decision->option('replace:supply:new')?->cost->parts);
        $this->assertSame([2, 4], $decision->option('replace:supply:new')->cost->days);
        $this->assertSame('x-1', $decision->option('replace:supply:new')->from?->offer);
        $this->assertNull($decision->option('replace:supply:used'));
        $this->assertNull($decision->option('replace:supply:shelf'));
        $soldOut = $this->offer(stock: 0);
        $this->assertNull(
            $this->decide(self::SUPPLY, new Terms(offers: ['supply' => [$soldOut]]), shelf: [])->option('replace:supply:new'),
        );
    }

    public function test_of_two_good_parts_that_refuse_each_other_either_can_be_changed(): void
    {
        $refused = [
            ['kind' => 'report', 'reached' => 'dark', 'events' => ['processor-changed']],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 180],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['processor' => ['tag' => 'C-1']]]],
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 180],
            ['kind' => 'finding', 'check' => 'processor-list', 'result' => 'newer'],
        ];
        $decision = $this->decide($refused);
        $update = $decision->option('update-firmware:firmware');
        $other = $decision->option('replace:processor:new');
        $this->assertGreaterThan(0.85, $update?->expects->cures);
        $this->assertGreaterThan(0.8, $other?->expects->cures);
        $this->assertSame('update-firmware:firmware', $decision->options[0]->id, 'It costs no part.');
        $this->assertStringContainsString('not bad by itself', implode(' ', $other->effects));
        $board = $decision->option('replace:board:new')->effects ?? [];
        $this->assertStringNotContainsString('not bad by itself', implode(' ', $board));
        $dead = [
            ['kind' => 'start', 'reached' => 'dark', 'waited' => 180],
            ['kind' => 'finding', 'check' => 'processor-in-host', 'target' => 'processor', 'result' => 'fails'],
        ];
        $effects = $this->decide($dead)->option('replace:processor:new')->effects ?? [];
        $this->assertStringNotContainsString('not bad', implode(' ', $effects));
    }

    public function test_a_claim_comes_up_only_under_warranty(): void
    {
        $this->assertNull($this->decide(self::SUPPLY)->option('claim:supply'));
        $claim = $this->decide(self::SUPPLY, new Terms(claimable: true))->option('claim:supply');
        $this->assertSame(0, $claim?->cost->parts);
        $this->assertGreaterThan(7, $claim->cost->days[0]);
    }

    public function test_a_claim_cures_as_often_as_it_is_accepted(): void
    {
        $decision = $this->decide(self::SUPPLY, new Terms(claimable: true));
        $claim = $decision->option('claim:supply');
        $new = $decision->option('replace:supply:new');
        $good = Bench::catalogue()->number('new_part_trust');
        // Of what a new supply cures it cures the share that is accepted; what was right already is right in both.
        $this->assertLessThan($new?->expects->cures, $claim?->expects->cures);
        $this->assertEqualsWithDelta(
            Bench::catalogue()->economy->claim->accepted / $good,
            $claim->expects->cures / $new->expects->cures,
            0.03,
        );
    }

    public function test_a_workaround_is_named_as_one_and_carries_no_warranty(): void
    {
        $decision = $this->decide([
            ['kind' => 'start', 'reached' => 'no-drive'],
            ['kind' => 'finding', 'check' => 'drive-in-host', 'target' => 'drive', 'result' => 'works'],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['moved' => ['drive' => 'second']]],
            ['kind' => 'start', 'reached' => 'no-drive'],
        ]);
        $around = array_values(array_filter($decision->options, fn (Option $option): bool => $option->way === 'workaround'));
        $this->assertNotSame([], $around);
        $this->assertSame(0, $around[0]->promise->warrantyMonths);
        $this->assertStringContainsString('not a repair', implode(' ', $around[0]->leaves));
    }

    public function test_a_second_fault_is_told_and_counted(): void
    {
        $decision = $this->decide([
            ['kind' => 'start', 'reached' => 'nothing', 'signs' => ['standby' => 'off']],
            ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'burnt'],
            ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'],
        ]);
        $supply = $decision->option('replace:supply:new');
        $this->assertGreaterThan(0.05, $supply?->expects->other);
    }

    public function test_several_parts_of_the_platform_move_together(): void
    {
        $decision = $this->decide(
            [
                ['kind' => 'start', 'reached' => 'dark', 'waited' => 200],
                ['kind' => 'finding', 'check' => 'processor-in-host', 'target' => 'processor', 'result' => 'fails'],
                ['kind' => 'finding', 'check' => 'look-socket', 'result' => 'bent'],
                ['kind' => 'finding', 'check' => 'stick-in-host', 'target' => 'stick-1', 'result' => 'fails'],
            ],
            new Terms(worth: 90000),
            shelf: [],
        );
        $platform = $decision->option('platform');
        $this->assertNotNull($platform);
        $this->assertStringContainsString('Case, card and drives stay', implode(' ', $platform->effects));
        $this->assertGreaterThan($decision->option('replace:processor:new')->expects->cures ?? 0.0, $platform->expects->cures);
    }

    public function test_a_new_drive_is_priced_with_the_system_on_it(): void
    {
        $decision = $this->decide([
            ['kind' => 'start', 'reached' => 'no-system'], ['kind' => 'finding', 'check' => 'drive-health', 'result' => 'failing'],
        ]);
        $drive = $decision->option('replace:drive:new');
        $this->assertSame(['replace', 'repair-system'], array_column($drive->acts ?? [], 'act'));
        $acts = Bench::catalogue()->acts;
        $this->assertGreaterThan($acts['replace']->minutes + $acts['repair-system']->minutes, $drive?->cost->minutes);
        $this->assertSame(['replace'], array_column($decision->option('replace:board:new')->acts ?? [], 'act'));
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  list<array<string, mixed>>|null  $shelf
     */
    private function decide(array $entries, Terms $terms = new Terms, ?array $shelf = null): Decision
    {
        $catalogue = Bench::catalogue();
        $case = CaseFile::parse(Bench::json($entries, [], $shelf), $catalogue);
        $adviser = new Adviser($catalogue, $case->machine, $case->shelf);
        $assessment = $adviser->assess($case->record);

        return Decision::of($adviser->replay($case->record), $assessment, $catalogue, new Shelf($case->shelf->spares), $terms);
    }

    private function offer(int $stock): Offer
    {
        return new Offer(
            id: 'x-1',
            supplier: 'House',
            kind: 'supply',
            name: 'A supply',
            condition: 'new',
            price: 5000,
            days: [2, 4],
            stock: $stock,
            returnDays: 14,
        );
    }
}
