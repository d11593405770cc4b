<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Planning;

use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\Candidates;
use Orthoscope\Core\Planning\Conclusion;
use Orthoscope\Core\Planning\Interlocks;
use Orthoscope\Core\Planning\Precaution;
use Orthoscope\Core\Planning\Precautions;
use Orthoscope\Core\Planning\RepairInView;
use Orthoscope\Core\Planning\RepairNeeds;
use Orthoscope\Core\Planning\Situation;
use Orthoscope\Core\Planning\Suspicion;
use Orthoscope\Core\Planning\Trial;
use Orthoscope\Core\Planning\Weighed;
use Orthoscope\Core\Shelf\Shelf;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Where the handbook has nothing left, what is cheap comes before a machine is handed on, and then good parts in the places of its own. */
final class BeforeHandingOnTest extends TestCase
{
    private const DARK = ['kind' => 'start', 'reached' => 'dark', 'waited' => 120];

    public function test_what_has_cured_others_comes_first_and_acts_before_looks(): void
    {
        $step = $this->before(fn (Candidate $one): bool => true)?->step->candidate;
        $this->assertNotNull($step);
        $this->assertNotSame([], $step->step->recovers);
        $this->assertSame('act', $step->step->record);
    }

    public function test_then_a_good_part_stands_in_where_it_was_seen_to_stop(): void
    {
        $lent = $this->before(fn (Candidate $one): bool => $one->step->recovers === []);
        $this->assertNotNull($lent?->step->candidate->spare);
        $this->assertSame("{$lent->step->candidate->name()}, before it is given up.", $lent->why);
        $minutes = $lent->step->candidate->minutes();
        $cheaper = $this->before(
            fn (Candidate $one): bool => $one->step->recovers === [] && ($one->spare === null || $one->minutes() > $minutes),
        );
        $this->assertGreaterThan($minutes, $cheaper?->step->candidate->minutes());
    }

    public function test_a_part_in_use_only_beyond_where_it_stops_is_not_lent_for_it(): void
    {
        $isLater = fn (Candidate $one): bool => in_array($one->target?->kind->id, ['drive', 'cooler'], true) && $one->spare !== null;
        $this->assertNull($this->before($isLater));
        $toTheDrive = ['kind' => 'start', 'reached' => 'no-drive'];
        $this->assertSame('drive', $this->before($isLater, $toTheDrive)?->step->candidate->target?->kind->id);
    }

    /**
     * @param  callable(Candidate): bool  $of steps there are
     * @param  array<string, mixed>  $start
     */
    private function before(callable $of, array $start = self::DARK): ?Precaution
    {
        $catalogue = Bench::catalogue();
        [$replay, $record] = [Bench::replay([$start]), Bench::case([$start])->record];
        $grounds = Grounds::read($record, $replay->model);
        $locks = Interlocks::of($record, $replay->model->machine, $catalogue);
        $trial = Trial::of($record, $grounds, $catalogue);
        $all = new Candidates($catalogue, $replay->model->machine, $record, Shelf::wellStocked($catalogue), $grounds, $locks, $trial);
        $weighed = array_map(
            fn (Candidate $one): Weighed => new Weighed($one, $locks->inTheWayOf($one), 0.0, [], 0, -1.0, 0.0),
            array_values(array_filter($all->all(), $of)),
        );
        $nothing = RepairInView::of(new RepairNeeds($catalogue, $replay, $record, []), [], [], [], [], $catalogue);
        $situation = Situation::of($catalogue, $replay, $record, $grounds, $locks, $trial);
        $conclusion = Conclusion::of(null, false, false, $nothing, $situation);
        $this->assertSame(JobState::Repair, $conclusion->state);

        $suspicion = new Suspicion($catalogue, $replay, $replay->belief);

        return (new Precautions($weighed, $grounds, $replay, $suspicion, $record, $catalogue))->before($conclusion, $nothing);
    }
}
