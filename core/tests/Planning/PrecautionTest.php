<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Cheap before dear. What is cheap and what it has cured: common practice, no source. */
final class PrecautionTest extends TestCase
{
    private const TWITCH = ['kind' => 'start', 'reached' => 'twitch', 'signs' => ['fans' => 'twitch']];

    private const LENT = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['lent' => ['supply' => ['tag' => 'S-12']]]];

    private const WELL = ['kind' => 'start', 'reached' => 'stays'];

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

    public function test_plugs_are_pressed_home_once_before_a_supply_is_bought_that_came_and_went(): void
    {
        $again = [self::WELL, self::TWITCH, self::LENT, self::TWITCH];
        $before = $this->after(...$again);
        $this->assertSame(JobState::Find, $before->advice->state);
        $this->assertSame('plugs-home', $before->advice->steps[0]->candidate->id());
        $this->assertStringContainsString('before the supply is bought', $before->advice->why);
        $after = $this->after(...[...$again, self::PLUGS, self::TWITCH]);
        $this->assertNotSame('plugs-home', $after->advice->steps[0]->candidate->id());
    }

    public function test_what_came_back_at_once_with_the_own_part_is_replaced_without_more_ado(): void
    {
        $this->assertStringNotContainsString('is bought', $this->after(self::TWITCH)->advice->why);
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
        $this->assertStringNotContainsString('is bought', $this->after(self::WELL, self::TWITCH, $measured)->advice->why);
    }

    public function test_what_runs_here_is_run_at_work_and_then_left_without_a_repair_in_view(): void
    {
        $record = [
            ['kind' => 'report', 'reached' => 'stays', 'marks' => ['consent-system']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 4],
            ['kind' => 'finding', 'check' => 'fans-turn', 'result' => 'clear'],
            ['kind' => 'finding', 'check' => 'starts-alone', 'result' => 'waits'],
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['main-plug', 'cpu-plug', 'card-plug', 'panel', 'drive-lead', 'wall-lead']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 4],
            ['kind' => 'act', 'act' => 'reseat', 'on' => ['slot-A2', 'slot-B2']],
            ['kind' => 'start', 'reached' => 'stays', 'times' => 3],
            ['kind' => 'finding', 'check' => 'supply-test', 'target' => 'supply', 'result' => 'pass'],
            ['kind' => 'finding', 'check' => 'supply-sum', 'result' => 'enough'],
            ['kind' => 'finding', 'check' => 'temperature', 'result' => 'pass'],
        ];
        $before = Bench::assess($record)->advice;
        $this->assertSame('load-run', $before->steps[0]->candidate->id(), $before->why);
        $left = Bench::assess([...$record, ['kind' => 'start', 'reached' => 'stays', 'setup' => ['goal' => 'load']]])->advice;
        $this->assertTrue($left->left, $left->why);
        $this->assertNull($left->repair);
        $this->assertStringStartsWith('It runs here', $left->why);
    }
}
