<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Planning\Advice;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Cheap before dear. What is cheap and what it has cured: common practice, no source. */
final class PrecautionTest extends TestCase
{
    private const TWITCH = ['kind' => 'start', 'reached' => 'twitch', 'signs' => ['fans' => 'twitch']];

    private const LENT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12']]]];

    private const WELL = ['kind' => 'start', 'reached' => 'stays'];

    private const DUST = ['kind' => 'act', 'act' => 'clean-inside', 'on' => ['case-fans', 'cooler', 'board']];

    private const PLUGS = ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'cpu-plug', 'panel']];

    private const LOOKED = [
        ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'clear'],
        ['kind' => 'finding', 'check' => 'look-board', 'result' => 'clear'],
        ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'clear'],
    ];

    /** @param  array<string, mixed>  ...$then */
    private function after(array ...$then): Assessment
    {
        return Bench::assess([self::TWITCH, ...self::LOOKED, self::TWITCH, self::LENT, ...array_values($then)]);
    }

    /** @param  array<string, mixed>  ...$then */
    private function grounds(array ...$then): Grounds
    {
        $entries = [self::TWITCH, self::LENT, ...array_values($then)];

        return Grounds::read(Bench::case($entries)->record, Bench::replay($entries)->model);
    }

    public function test_what_stays_away_with_the_own_part_back_is_no_ground_to_buy_one(): void
    {
        $this->assertTrue($this->grounds(self::WELL)->has('supply', Ground::StayedAway));
        $this->assertNotSame(JobState::Repair, $this->after(self::WELL)->advice->state);
        $again = $this->grounds(self::WELL, self::WELL);
        $this->assertTrue($again->has('supply', Ground::StayedAway), 'as long as it runs');
        $this->assertFalse($again->cameAndWent('supply'));
    }

    public function test_it_is_no_such_ground_any_more_once_it_failed_again(): void
    {
        $grounds = $this->grounds(self::WELL, self::TWITCH);
        $this->assertFalse($grounds->has('supply', Ground::StayedAway));
        $this->assertTrue($grounds->cameAndWent('supply'));
        $this->assertFalse($this->grounds(self::TWITCH)->cameAndWent('supply'));
    }

    public function test_what_came_back_at_once_and_runs_later_is_a_machine_that_comes_and_goes_with_it(): void
    {
        $grounds = $this->grounds(self::TWITCH, self::WELL);
        $this->assertTrue($grounds->has('supply', Ground::CameBack));
        $this->assertFalse($grounds->has('supply', Ground::StayedAway));
        $this->assertFalse($this->grounds(self::TWITCH, self::WELL, self::TWITCH)->cameAndWent('supply'));
        $lentAgain = $this->grounds(self::TWITCH, self::LENT, self::WELL);
        $this->assertTrue($lentAgain->has('supply', Ground::StayedAway), 'what was shown before it was lent again says nothing of now');
    }

    public function test_what_was_tried_in_the_case_is_not_tried_again_on_the_mat(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];
        $mat = ['place' => 'bench', 'start_by' => 'pins'];
        $lead = ['lent' => ['video-lead' => ['tag' => 'V-1']]];
        $tried = [...$dark, 'setup' => $lead];
        $record = Bench::case([$dark, $tried])->record;
        $this->assertTrue($record->lastStart()?->setUp->isAlso(SetUp::fromArray([...$lead, ...$mat])));
        $this->assertFalse($record->lastStart()->setUp->isAlso(SetUp::fromArray($mat)), 'the mat itself was not tried');
    }

    /**
     * A machine that fails under one condition and ran so with another supply, and what was done to it then.
     *
     * @param  array<string, string>  $how what it failed under
     * @param  list<array<string, mixed>>  $done
     * @param  list<array<string, mixed>>  $before
     */
    private function afterWork(string $reached, array $how, array $done = [], array $before = []): Advice
    {
        $fails = ['kind' => 'start', 'reached' => $reached, 'setup' => $how];
        $lent = [...self::WELL, 'setup' => [...self::LENT['setup'], ...$how]];

        return Bench::assess([
            ['kind' => 'report', 'reached' => $reached, 'marks' => ['consent-system']],
            ...$before,
            [...$fails, 'times' => 3], $lent, $fails, $lent, $fails, $lent, $fails,
            ['kind' => 'finding', 'check' => 'temperature', 'result' => 'pass'],
            ['kind' => 'finding', 'check' => 'supply-sum', 'result' => 'enough'],
            ...$done,
        ])->advice;
    }

    public function test_what_fails_at_work_is_run_at_work_after_what_was_done(): void
    {
        $repaste = ['kind' => 'act', 'act' => 'repaste', 'on' => ['cooler']];
        $work = ['goal' => 'load'];
        $this->assertSame(JobState::Repair, $this->afterWork('drops', $work)->state);
        foreach ([[self::DUST, self::WELL], [self::DUST, self::WELL, $repaste, self::WELL]] as $idle) {
            $advice = $this->afterWork('drops', $work, $idle);
            $this->assertSame('Run it at work: see what that did before anything else is changed.', $advice->why);
            $this->assertSame(Goal::Load, $advice->steps[0]->candidate->setUp?->goal);
        }
        $drops = ['kind' => 'start', 'reached' => 'drops', 'setup' => $work];
        $this->assertSame(JobState::Repair, $this->afterWork('drops', $work, [self::DUST, self::WELL, $drops])->state);
    }

    public function test_what_fails_after_hours_is_run_for_hours_after_what_was_done(): void
    {
        $hours = ['goal' => 'hours'];
        $ranAtWork = [...self::WELL, 'setup' => ['goal' => 'load']];
        $before = [[...self::WELL, 'times' => 3]];
        $advice = $this->afterWork('drops', $hours, [self::DUST, self::WELL, $ranAtWork], $before);
        $this->assertSame('Run it for hours: see what that did before anything else is changed.', $advice->why);
        $this->assertSame('hours-run', $advice->steps[0]->candidate->step->id);
        $ran = $this->afterWork('drops', $hours, [self::DUST, [...self::WELL, 'setup' => $hours]], $before);
        $this->assertStringNotContainsString('see what that did', $ran->why);
    }

    public function test_what_was_worked_on_since_it_last_failed_is_seen_to_fail_before_a_part_is_bought(): void
    {
        $cold = ['temperature' => 'cold'];
        $asked = 'it was worked on since it last failed. See that it still does before buying the supply.';
        $this->assertSame(JobState::Repair, $this->afterWork('nothing', $cold)->state);
        $after = $this->afterWork('nothing', $cold, [self::DUST, self::WELL]);
        $this->assertStringContainsString($asked, $after->why);
        $this->assertSame(Temperature::Cold, $after->steps[0]->candidate->setUp?->temperature);
        $failed = ['kind' => 'start', 'reached' => 'nothing', 'setup' => $cold];
        $this->assertStringNotContainsString($asked, $this->afterWork('nothing', $cold, [self::DUST, self::WELL, $failed])->why);
    }

    public function test_plugs_are_pressed_home_once_before_a_supply_is_bought_that_came_and_went(): void
    {
        $again = [self::WELL, self::TWITCH, self::LENT, self::TWITCH];
        $before = $this->after(...$again);
        $this->assertSame(JobState::Find, $before->advice->state);
        $this->assertSame('plugs-home', $before->advice->steps[0]->candidate->id());
        $this->assertStringContainsString('before buying the supply', $before->advice->why);
        $after = $this->after(...[...$again, self::PLUGS, self::TWITCH]);
        $this->assertNotSame('plugs-home', $after->advice->steps[0]->candidate->id());
    }

    public function test_what_came_back_at_once_with_the_own_part_is_replaced_without_more_ado(): void
    {
        $this->assertStringNotContainsString('before buying', $this->after(self::TWITCH)->advice->why);
    }

    public function test_a_stick_the_trouble_came_back_with_is_replaced_once_its_slot_is_out_of_question(): void
    {
        $dark = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory']];
        $without = [...self::WELL, 'setup' => ['out' => ['stick-2']]];
        $moved = [...$dark, 'setup' => ['out' => ['stick-1'], 'moved' => ['stick-2' => 'slot-A2']]];
        $other = [...self::WELL, 'setup' => ['out' => ['stick-2'], 'moved' => ['stick-1' => 'slot-B2']]];
        $open = Bench::assess([$dark, $without, $dark, $without, $dark]);
        $all = [$dark, $moved, $other, $dark, $without, $dark, $without, $dark];
        $settled = Bench::assess($all);
        $this->assertNotSame(JobState::Repair, $open->advice->state, 'it may be its slot');
        $this->assertSame(JobState::Repair, $settled->advice->state);
        $this->assertStringContainsString('replace stick 2', $settled->advice->why);
        $grounds = Grounds::read($settled->record, Bench::replay($all)->model);
        $this->assertTrue($grounds->cameBackInPlace('stick-2'));
        $this->assertFalse($grounds->has('stick-2', Ground::CameBack));
        $this->assertFalse($grounds->cameBackInPlace('stick-1'));
    }

    public function test_what_was_measured_bad_is_replaced_without_more_ado(): void
    {
        $measured = ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'fail'];
        $this->assertStringNotContainsString('before buying', $this->after(self::WELL, self::TWITCH, $measured)->advice->why);
    }
}
