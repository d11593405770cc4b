<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Repair;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Most machines come in without their screen and what was plugged in: it takes part in no start here, and nothing is done to it. */
final class StayedAtHomeTest extends TestCase
{
    private const ALL = ['at_home' => ['devices', 'video-lead', 'screen']];

    private const TOLD = ['kind' => 'report', 'reached' => 'dark', 'text' => 'Black'];

    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    private const RUNS = ['kind' => 'start', 'reached' => 'stays', 'times' => 4];

    /** Chance that some of what stayed at home is at fault. */
    private function atHome(Assessment $assessment): float
    {
        return array_sum(array_map(fn (string $part): float => $assessment->standings[$part]->probability, self::ALL['at_home']));
    }

    public function test_what_fails_here_without_it_is_not_its_doing(): void
    {
        $before = $this->atHome(Bench::assess([self::TOLD], self::ALL));
        $this->assertGreaterThan(0.04, $this->atHome(Bench::assess([self::TOLD, self::DARK])));
        $this->assertLessThan($before / 3, $this->atHome(Bench::assess([self::TOLD, self::DARK], self::ALL)));
    }

    public function test_what_fails_there_and_runs_here_without_it_may_well_be(): void
    {
        $with = $this->atHome(Bench::assess([self::TOLD, self::RUNS]));
        $without = $this->atHome(Bench::assess([self::TOLD, self::RUNS], self::ALL));
        $this->assertGreaterThan(2.0 * $with, $without);
    }

    public function test_a_start_here_says_nothing_for_it(): void
    {
        $standings = Bench::assess([self::DARK, self::RUNS], self::ALL)->standings;
        foreach (self::ALL['at_home'] as $part) {
            $this->assertNotContains($standings[$part]->standing, [Standing::Proved, Standing::Worked, Standing::NotAlone], $part);
            $this->assertSame([], $standings[$part]->because, $part);
        }
        $this->assertSame(Standing::Worked, Bench::assess([self::DARK, self::RUNS])->standings['screen']->standing);
    }

    public function test_no_step_is_about_what_is_not_here_and_the_rest_stay(): void
    {
        $steps = fn (array $machine): array => array_map(
            fn (NextStep $step): string => $step->candidate->id(),
            [...($advice = Bench::assess([self::TOLD, self::DARK], $machine)->advice)->steps, ...$advice->foregone],
        );
        $gone = array_diff($steps([]), $steps(self::ALL));
        sort($gone);
        $this->assertSame(
            ['devices-look', 'devices-out', 'lend-screen', 'lend-video', 'screen-host', 'screen-look', 'set-outputs'],
            $gone,
        );
        $this->assertContains('devices-out', $steps(['at_home' => ['screen']]));
        $this->assertNotContains('screen-host', $steps(['at_home' => ['screen']]));
    }

    public function test_the_switch_at_the_back_comes_in_though_its_lead_does_not(): void
    {
        $home = ['at_home' => ['wall-lead']];
        $dead = ['kind' => 'start', 'reached' => 'nothing'];
        $assessment = Bench::assess([$dead], $home);
        $steps = array_map(fn (NextStep $step): string => $step->candidate->id(), $assessment->advice->steps);
        $this->assertContains('switch-on', $steps);
        $this->assertContains('leads', $steps);
        $this->assertNotContains('lend-lead', $steps);
        $of = fn (string $fault, Assessment $in): float => array_sum(array_map(
            fn (FaultBelief $one): float => $one->fault->id === $fault ? $one->probability : 0.0,
            $in->faults,
        ));
        $here = Bench::assess([$dead]);
        $this->assertGreaterThan($of('switched-off', $here), $of('switched-off', $assessment));
        $this->assertLessThan($of('lead-dead', $here) / 5, $of('lead-dead', $assessment));
        $this->assertSame([], Bench::assess([$dead, self::RUNS], $home)->standings['wall-lead']->because);
    }

    public function test_its_owner_is_told_and_nothing_of_it_is_repaired_here(): void
    {
        $lit = ['kind' => 'start', 'reached' => 'stays', 'setup' => ['place' => 'bench']];
        $advice = Bench::assess([[...self::TOLD, 'failed' => 9, 'of' => 9], self::RUNS, $lit, self::RUNS], self::ALL)->advice;
        $repairs = array_map(fn (array $one): Repair => $one[0], $advice->repairs);
        $of = array_filter($repairs, fn (Repair $repair): bool => in_array($repair->part->kind->id, self::ALL['at_home'], true));
        $this->assertNotSame([], $of);
        foreach ($of as $repair) {
            $this->assertSame('advise', $repair->act->id);
        }
    }

    public function test_a_word_that_names_nothing_of_the_kind_is_refused_in_a_sentence(): void
    {
        $this->expectException(MachineMistake::class);
        $this->expectExceptionMessage('part that may stay at home');
        Machine::fromArray(['at_home' => ['board']], Bench::catalogue());
    }
}
