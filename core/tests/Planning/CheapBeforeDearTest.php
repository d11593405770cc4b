<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Planning\Advice;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\Candidates;
use Orthoscope\Core\Planning\Interlocks;
use Orthoscope\Core\Planning\NextStep;
use Orthoscope\Core\Planning\Suspicion;
use Orthoscope\Core\Planning\Trial;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What is cheap comes before what is dear as far as it is to the point, and no further than there is doubt. */
final class CheapBeforeDearTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'memory', 'fans' => 'spin']];

    private const STAYS = ['kind' => 'start', 'reached' => 'stays'];

    /** @return array<string, mixed> a start that ran with one stick out, the other in a slot of its own or as it sat */
    private function ranWithout(string $stick, string $other, ?string $slot = null): array
    {
        return [...self::STAYS, 'setup' => ['out' => [$stick], ...$slot === null ? [] : ['moved' => [$other => $slot]]]];
    }

    private function sticksThatWillNotRunTogether(): Advice
    {
        return Bench::assess([
            ['kind' => 'report', 'reached' => 'dark'],
            self::DARK, $this->ranWithout('stick-1', 'stick-2', 'slot-A2'),
            self::DARK, $this->ranWithout('stick-2', 'stick-1', 'slot-B2'),
            self::DARK, $this->ranWithout('stick-1', 'stick-2'),
            self::DARK, $this->ranWithout('stick-2', 'stick-1'),
            self::DARK, ['kind' => 'act', 'act' => 'update-firmware', 'on' => ['firmware', 'kit']],
            self::DARK, $this->ranWithout('stick-1', 'stick-2'),
            self::DARK, $this->ranWithout('stick-2', 'stick-1'),
            self::DARK,
        ])->advice;
    }

    public function test_sticks_shown_to_run_alone_each_and_never_together_are_replaced_without_more_ado(): void
    {
        $advice = $this->sticksThatWillNotRunTogether();
        $this->assertSame(JobState::Repair, $advice->state);
        $this->assertSame('kit', $advice->repair?->part->id);
        $this->assertStringNotContainsString('before buying', $advice->why);
    }

    public function test_what_nobody_suspects_weighs_little_and_what_somebody_does_in_full(): void
    {
        $start = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120, 'signs' => ['lamp' => 'cpu', 'fans' => 'spin']];
        $entries = [['kind' => 'report', 'reached' => 'dark'], [...$start, 'times' => 3]];
        $works = ['kind' => 'finding', 'check' => 'screen-in-host', 'target' => 'screen', 'result' => 'works'];
        $this->assertSame(1.0, $this->weightOf('reseat-cpu', $entries));
        $this->assertSame(1.0, $this->weightOf('lend-screen', $entries));
        $this->assertLessThan(0.5, $this->weightOf('lend-screen', [...$entries, $works]));
        $measured = ['kind' => 'finding', 'check' => 'cell-reading', 'result' => 'pass'];
        $this->assertLessThan($this->weightOf('new-cell', $entries), $this->weightOf('new-cell', [...$entries, $measured]));
    }

    public function test_what_can_only_stop_it_later_is_not_what_stops_it_now(): void
    {
        $asked = ['set-outputs', 'lend-screen', 'processor-touch'];
        $this->assertSame([], array_intersect($asked, $this->offered('twitch')), 'it goes off before any of that matters or can be felt');
        $this->assertSame($asked, array_values(array_intersect($asked, $this->offered('dark'))));
        $this->assertContains('supply-tester', $this->offered('twitch'));
    }

    /** @return list<string> steps that are offered where it stops so each time, but for those of which the outcome is known */
    private function offered(string $reached): array
    {
        $start = ['kind' => 'start', 'reached' => $reached, 'waited' => 120, 'times' => 2];
        $steps = Bench::assess([['kind' => 'report', 'reached' => $reached], $start])->advice->steps;

        return array_map(static fn (NextStep $step): string => $step->candidate->step->id, $steps);
    }

    /** @param  list<array<string, mixed>>  $entries */
    private function weightOf(string $step, array $entries): float
    {
        $catalogue = Bench::catalogue();
        $replay = Bench::replay($entries);
        $record = Bench::case($entries)->record;
        $machine = $replay->model->machine;
        $grounds = Grounds::read($record, $replay->model);
        $locks = Interlocks::of($record, $machine, $catalogue);
        $trial = Trial::of($record, $grounds, $catalogue);
        $all = (new Candidates($catalogue, $machine, $record, Shelf::wellStocked($catalogue), $grounds, $locks, $trial))->all();
        $asked = array_values(array_filter($all, static fn (Candidate $one): bool => $one->step->id === $step));
        $this->assertNotSame([], $asked, $step);

        return (new Suspicion($catalogue, $replay, $replay->belief))->weightOf($asked[0]);
    }
}
