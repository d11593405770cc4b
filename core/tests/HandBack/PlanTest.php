<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\HandBack;

use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\PlannedItem;
use Orthoscope\Core\HandBack\PlanState;
use Orthoscope\Core\Tests\Support\Bench;
use Orthoscope\Core\Words\EntryWords;
use PHPUnit\Framework\TestCase;

final class PlanTest extends TestCase
{
    private const SUPPLY = [
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-1', 'trust' => 0.97]]]],
        ['kind' => 'start', 'reached' => 'nothing'],
        ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
        ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']],
        ['kind' => 'start', 'reached' => 'stays', 'times' => 9],
    ];

    private const BOARD = ['kind' => 'act', 'act' => 'replace', 'on' => ['board']];

    public function test_what_was_opened_must_show_that_every_fan_turns(): void
    {
        $plan = $this->plan(self::SUPPLY);
        $this->assertSame(['fans'], array_map(fn (PlannedItem $item): string => $item->item->id, $plan->owed()));
        $this->assertFalse($plan->isComplete());
        $shown = $this->plan([...self::SUPPLY, ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear']]);
        $this->assertTrue($shown->isComplete(), implode(' ', $shown->owedInWords()));
        $this->assertSame(7, $shown->in(PlanState::Done)[0]->entry);
    }

    public function test_it_asks_by_what_was_wrong_and_what_was_touched(): void
    {
        $this->assertNotContains('memory', $this->ids(self::SUPPLY));
        $this->assertContains('memory', $this->ids([...self::SUPPLY, ['kind' => 'act', 'act' => 'replace', 'on' => ['stick-1']]]));
        foreach (['drives', 'memory', 'speed', 'picture', 'lanes', 'temperature', 'ports'] as $asked) {
            $this->assertContains($asked, $this->ids([self::SUPPLY[0], self::BOARD]));
        }
        $this->assertContains('drives', $this->ids(self::SUPPLY, ['drives' => 2]));
        $this->assertNotContains(
            'lanes',
            $this->ids([self::SUPPLY[0], self::BOARD], ['card' => false, 'facts' => ['own_graphics' => true]]),
        );
    }

    public function test_what_its_owner_uses_is_tried_once_it_was_opened(): void
    {
        $uses = ['platform' => ['uses' => 'network, front']];
        $this->assertSame(['network', 'front', 'fans'], array_values(array_intersect(
            ['network', 'wireless', 'sound', 'front', 'screens', 'reader', 'sleep-used', 'fans'],
            $this->ids(self::SUPPLY, $uses),
        )));
        $this->assertSame([], array_intersect(['network', 'front'], $this->ids([self::SUPPLY[0]], $uses)), 'Nobody opened it.');
        $tried = [...self::SUPPLY, ['kind' => 'finding', 'check' => 'use-network', 'result' => 'works']];
        $this->assertSame(['network'], array_map(
            fn (PlannedItem $item): string => $item->item->id,
            Plan::of(Bench::assess($tried, $uses), Bench::catalogue())->in(PlanState::Done),
        ));
        $sleeps = Plan::of(Bench::assess(self::SUPPLY, ['platform' => ['uses' => 'sleep']]), Bench::catalogue());
        $this->assertContains(
            'sleep-used',
            array_map(fn (PlannedItem $item): string => $item->item->id, $sleeps->in(PlanState::Locked)),
            'It goes past the log-in.',
        );
    }

    public function test_a_slot_that_stands_empty_is_read_once_where_board_or_socket_were_touched(): void
    {
        $four = ['memory' => ['slots' => ['A1', 'A2', 'B1', 'B2'], 'sticks' => ['A2', 'B2']]];
        $this->assertContains('slots', $this->ids([self::SUPPLY[0], self::BOARD], $four));
        $this->assertNotContains('slots', $this->ids([self::SUPPLY[0], self::BOARD]), 'Both slots are filled.');
        $this->assertNotContains('slots', $this->ids(self::SUPPLY, $four));
    }

    public function test_a_pump_is_felt_where_the_cooler_has_one(): void
    {
        $this->assertContains('pump', $this->ids(self::SUPPLY, ['platform' => ['cooling' => 'pump']]));
        $this->assertNotContains('pump', $this->ids(self::SUPPLY, ['platform' => ['cooling' => 'air']]));
        $this->assertNotContains('pump', $this->ids(self::SUPPLY));
    }

    public function test_a_new_supply_is_run_at_work_where_the_owner_gave_leave(): void
    {
        $ids = fn (array $items): array => array_map(fn (PlannedItem $item): string => $item->item->id, $items);
        $this->assertContains('load', $ids($this->plan(self::SUPPLY)->in(PlanState::Locked)), 'Without leave it is told in the letter.');
        $leave = ['kind' => 'report', 'text' => 'Start what you like', 'marks' => ['consent-system']];
        $this->assertContains('load', $ids($this->plan([$leave, ...self::SUPPLY])->owed()));
        $this->assertNotContains(
            'load',
            $ids($this->plan([$leave, ...self::SUPPLY, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['goal' => 'load']]])->owed()),
        );
    }

    public function test_a_fault_that_shows_only_cold_is_proved_cold(): void
    {
        $cold = [
            ['kind' => 'start', 'reached' => 'twitch', 'setup' => ['temperature' => 'cold'], 'times' => 3],
            ['kind' => 'start', 'reached' => 'stays', 'setup' => ['temperature' => 'warm'], 'times' => 3],
            ['kind' => 'act', 'act' => 'replace', 'on' => ['supply']],
        ];
        $this->assertContains('cold', $this->ids($cold));
        $proved = $this->plan([...$cold, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['temperature' => 'cold']]]);
        $this->assertContains('cold', array_map(fn (PlannedItem $item): string => $item->item->id, $proved->in(PlanState::Done)));
    }

    public function test_what_its_owner_says_fails_only_cold_is_proved_cold(): void
    {
        $this->assertNotContains('cold', $this->ids(self::SUPPLY));
        $told = [['kind' => 'report', 'reached' => 'nothing', 'only' => 'cold'], ...self::SUPPLY];
        $cold = array_values(array_filter($this->plan($told)->items, fn (PlannedItem $item): bool => $item->item->id === 'cold'))[0];
        $this->assertSame('its owner says it fails only then', $cold->why);
    }

    public function test_what_fails_only_warm_is_started_warm_with_or_without_leave_for_more(): void
    {
        $told = [['kind' => 'report', 'reached' => 'drops', 'only' => 'warm'], ...self::SUPPLY];
        $this->assertContains('warm', array_map(fn (PlannedItem $item): string => $item->item->id, $this->plan($told)->owed()));
        $shown = $this->plan([...$told, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['temperature' => 'warm']]]);
        $this->assertContains('warm', array_map(fn (PlannedItem $item): string => $item->item->id, $shown->in(PlanState::Done)));
        $this->assertNotContains('warm', $this->ids(self::SUPPLY));
    }

    public function test_what_did_not_stay_up_is_run_at_work_before_it_goes_back(): void
    {
        $done = [['kind' => 'act', 'act' => 'reseat', 'on' => ['drive-lead']], ['kind' => 'start', 'reached' => 'stays']];
        $this->assertNotContains('load', $this->ids([['kind' => 'report', 'reached' => 'dark'], ...$done]));
        $told = [['kind' => 'report', 'reached' => 'drops', 'marks' => ['consent-system']], ...$done];
        $this->assertContains('load', array_map(fn (PlannedItem $item): string => $item->item->id, $this->plan($told)->owed()));
        $ran = [...$told, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['goal' => 'load']]];
        $this->assertContains('load', array_map(fn (PlannedItem $item): string => $item->item->id, $this->plan($ran)->in(PlanState::Done)));
    }

    public function test_a_failed_check_is_owed_and_moves_belief(): void
    {
        $before = Bench::assess(self::SUPPLY);
        $after = Bench::assess([...self::SUPPLY, ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'cooler']]);
        $plan = Plan::of($after, Bench::catalogue());
        $this->assertSame(PlanState::Failed, $plan->owed()[0]->state);
        $this->assertStringContainsString('failed in entry 7', implode(' ', $plan->owedInWords()));
        $this->assertGreaterThan(5 * $before->standings['cooler']->now, $after->standings['cooler']->now);
        $this->assertFalse($plan->isComplete());
    }

    public function test_what_goes_past_the_log_in_waits_for_leave_and_is_not_owed(): void
    {
        $drops = [['kind' => 'start', 'reached' => 'drops', 'after' => 600], ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']]];
        $this->assertContains(
            'load',
            array_map(fn (PlannedItem $item): string => $item->item->id, $this->plan($drops)->in(PlanState::Locked)),
        );
        $leave = [['kind' => 'report', 'marks' => ['consent-system']], ...$drops];
        $this->assertContains('load', array_map(fn (PlannedItem $item): string => $item->item->id, $this->plan($leave)->owed()));
    }

    public function test_how_far_is_the_owners_choice(): void
    {
        $assessment = Bench::assess(self::SUPPLY);
        $this->assertSame([], Plan::of($assessment, Bench::catalogue(), Plan::QUICK)->items);
        $this->assertGreaterThan(
            count(Plan::of($assessment, Bench::catalogue())->items),
            count(Plan::of($assessment, Bench::catalogue(), Plan::LONG)->items),
        );
    }

    public function test_a_new_board_asks_for_its_list_and_each_is_ticked_off(): void
    {
        $case = Bench::case([self::SUPPLY[0], self::BOARD]);
        $off = StillOff::in($case->record, Bench::catalogue());
        $this->assertContains(
            'after the new board: drive-encryption key at hand',
            array_map(fn (StillOff $one): string => $one->words(), $off),
        );
        $this->assertCount(5, $off);
        $ticked = Bench::case([
            self::SUPPLY[0],
            self::BOARD,
            ['kind' => 'tally', 'what' => 'aftercare', 'item' => 'Boot order', 'way' => 'back'],
        ]);
        $this->assertCount(4, StillOff::in($ticked->record, Bench::catalogue()));
        $this->assertStringContainsString(
            'Not back yet: after the new board: drivers',
            implode(' ', Bench::assess([self::SUPPLY[0], self::BOARD])->proof->owed),
        );
        $this->assertSame([], StillOff::in(Bench::case([self::SUPPLY[0]])->record, Bench::catalogue()));
    }

    public function test_what_is_only_for_now_stays_owed_until_it_is_finished(): void
    {
        $paste = ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler'], 'temporary' => 'fresh paste when the cooler is here'];
        $this->assertStringContainsString('only for now: fresh paste', implode(' ', Bench::assess([...self::SUPPLY, $paste])->proof->owed));
        $finished = Bench::assess([
            ...self::SUPPLY,
            $paste,
            ['kind' => 'tally', 'what' => 'temporary', 'item' => 'fresh paste when the cooler is here', 'way' => 'back'],
        ]);
        $this->assertStringNotContainsString('only for now', implode(' ', $finished->proof->owed));
    }

    public function test_a_value_other_than_the_one_asked_for_is_written_down(): void
    {
        $act = ['kind' => 'act', 'act' => 'replace-resistor', 'on' => ['board'], 'asked' => 5.1, 'used' => 0.0, 'old' => 'recycled'];
        $case = Bench::case([self::SUPPLY[0], $act]);
        $words = (new EntryWords($case->machine, Bench::catalogue()))->outcome($case->record->entries[1]);
        $this->assertSame('old part recycled, 0 ohms used where 5.1 were asked: a deviation', $words);
        foreach (
            [
                ['asked' => 5.1],
                ['asked' => -1, 'used' => 1],
                ['act' => 'repaste', 'on' => ['cooler'], 'asked' => 1, 'used' => 1],
                ['old' => 'eaten'],
            ] as $wrong
        ) {
            try {
                Bench::case([[...array_diff_key($act, ['asked' => 1, 'used' => 1]), ...$wrong]]);
                $this->fail(json_encode($wrong, JSON_THROW_ON_ERROR).' should have been refused');
            } catch (CaseMistake $mistake) {
                $this->assertNotSame('', $mistake->sentence);
            }
        }
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     */
    private function plan(array $entries, array $machine = []): Plan
    {
        return Plan::of(Bench::assess($entries, $machine), Bench::catalogue());
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @param  array<string, mixed>  $machine
     *
     * @return list<string>
     */
    private function ids(array $entries, array $machine = []): array
    {
        return array_map(fn (PlannedItem $item): string => $item->item->id, $this->plan($entries, $machine)->items);
    }
}
