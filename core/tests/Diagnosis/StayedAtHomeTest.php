<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Diagnosis;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Diagnosis\FaultBelief;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\HandBack\Ending;
use Orthoscope\Core\Letter\LetterWriter;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Proving\CleanStarts;
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

    public function test_its_owner_is_told_of_all_of_it_at_once_and_nothing_of_it_is_repaired_here(): void
    {
        $looked = ['kind' => 'finding', 'check' => 'look-inside', 'result' => 'clear'];
        $record = [[...self::TOLD, 'failed' => 5, 'of' => 5], self::RUNS, $looked];
        $before = Bench::assess($record, self::ALL);
        $repair = $before->advice->repair;
        $this->assertSame('tell the owner what to change at home', $repair?->name());
        $this->assertEqualsCanonicalizing(self::ALL['at_home'], $repair->on);
        $this->assertGreaterThan(0.7, $before->advice->repairProbability);
        $ofIt = fn (array $one): bool => in_array($one[0]->part->kind->id, self::ALL['at_home'], true);
        $this->assertCount(1, array_filter($before->advice->repairs, $ofIt));

        $told = ['kind' => 'act', 'act' => 'advise', 'on' => $repair->on];
        $after = Bench::assess([...$record, $told], self::ALL);
        $this->assertGreaterThan(0.7, $after->sound);
        $this->assertSame(JobState::Prove, $after->advice->state);
        $this->assertStringStartsWith('It runs here, and what to change at home was told.', $after->advice->why);
        // Nothing was done here, so nothing has to be shown again of it.
        $this->assertSame([2, 4], [$after->proof->inside, $after->proof->clean]);
        $this->assertSame(0, CleanStarts::in($after->record, Bench::catalogue())->clean);
        $this->assertSame('no-fault-found', Ending::of($after->record, $after->machine, Bench::catalogue()));
    }

    public function test_its_owner_reads_what_to_change_and_of_what_was_here_what_it_was(): void
    {
        $closing = ['kind' => 'closing', 'price' => 0, 'warranty_months' => 6];
        $letter = fn (array $machine, array ...$entries): string => (new LetterWriter(Bench::catalogue()))
            ->write(Bench::assess([...array_values($entries), $closing], $machine))
            ->text();
        $told = [...self::TOLD, 'failed' => 5, 'of' => 5];
        $words = 'Here it ran well without what stayed with you: keyboard, mouse and what else is plugged in, the lead to the screen and '
            .'the screen.';
        $this->assertStringContainsString($words, $letter(self::ALL, $told, self::RUNS));
        $this->assertStringContainsString('Try another one of each, one at a time', $letter(self::ALL, $told, self::RUNS));
        $this->assertStringNotContainsString('stayed with you', $letter([], $told, self::RUNS));
        $this->assertStringNotContainsString('stayed with you', $letter(self::ALL, $told, self::DARK));
        $bad = ['kind' => 'finding', 'check' => 'look-plugs', 'result' => 'burnt', 'which' => ['cpu-plug']];
        $this->assertStringNotContainsString('stayed with you', $letter(self::ALL, $told, self::DARK, $bad, self::RUNS));
    }

    public function test_a_word_that_names_nothing_of_the_kind_is_refused_in_a_sentence(): void
    {
        $this->expectException(MachineMistake::class);
        $this->expectExceptionMessage('part that may stay at home');
        Machine::fromArray(['at_home' => ['board']], Bench::catalogue());
    }
}
