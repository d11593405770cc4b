<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Proving\PlaceToProve;
use Orthoscope\Core\Words\EntryWords;

/**
 * The way of a job from the counter to its owner: which station is done, where it stands, what is there or still owed. A station is done
 * by what the record carries, and not because a later one was reached.
 */
final readonly class WayOfJob
{
    /** Parts named as found, at most. */
    private const NAMED = 2;

    private function __construct(
        private Assessment $assessment,
        private Plan $plan,
        private Progress $progress,
        private Awaited $awaited,
        private Catalogue $catalogue,
    ) {
    }

    /** @return list<Waypoint> in the order of Station */
    public static function of(Assessment $assessment, Plan $plan, Awaited $awaited, Catalogue $catalogue): array
    {
        $way = new self($assessment, $plan, Progress::of($assessment, $plan, $awaited), $awaited, $catalogue);
        $here = Station::of($way->progress->state, $assessment->record->lastStart() !== null, $assessment->record->leave() !== null);

        return array_map(
            fn (Station $station): Waypoint => new Waypoint($station, $way->isDone($station), $station === $here, $way->words($station)),
            Station::cases(),
        );
    }

    private function isDone(Station $station): bool
    {
        $record = $this->assessment->record;

        return match ($station) {
            Station::TakenIn => true,
            Station::FirstStart => $record->lastStart() !== null,
            Station::Find => $this->found() !== [],
            Station::Decide => $record->leave() !== null,
            Station::Repair => in_array(
                $this->progress->state,
                [JobState::Prove, JobState::HandBack, JobState::Collect, JobState::Closed],
                true,
            ) && $this->lastRepair() !== null,
            Station::Prove => $this->plan->isComplete(),
            Station::HandBack => $record->collection() !== null,
        };
    }

    private function words(Station $station): string
    {
        return match ($station) {
            Station::TakenIn => '',
            Station::FirstStart => $this->firstStart(),
            Station::Find => $this->finding(),
            Station::Decide => $this->decided(),
            Station::Repair => $this->awaited->part ?? ($this->isDone(Station::Repair) ? $this->lastRepair() ?? '' : ''),
            Station::Prove => $this->proved(),
            Station::HandBack => $this->handedBack(),
        };
    }

    private function firstStart(): string
    {
        $first = $this->assessment->record->all(Start::class)[0] ?? null;

        return match (true) {
            $first !== null => $this->catalogue->reach($first->reached)->name,
            $this->progress->state === JobState::Locked => 'locked',
            default => '',
        };
    }

    /** @return list<string> parts of which the record carries that they were at fault */
    private function found(): array
    {
        $sure = array_filter(
            $this->assessment->causes(),
            fn (PartStanding $cause): bool => $cause->confirmed || in_array($cause->standing, [Standing::Condemned, Standing::Cured], true),
        );

        return array_values(array_map(fn (PartStanding $cause): string => $cause->part->name, $sure));
    }

    private function finding(): string
    {
        $found = $this->found();

        return match (true) {
            $found !== [] => implode(', ', array_slice($found, 0, self::NAMED)),
            $this->progress->state === JobState::Locked => 'locked',
            $this->progress->state === JobState::Parked => 'parked until a spare comes',
            $this->progress->state === JobState::SpareHere => 'its spare is here',
            default => '',
        };
    }

    private function decided(): string
    {
        return match (true) {
            $this->assessment->record->leave() !== null => 'agreed',
            $this->awaited->answer => 'quote sent',
            $this->progress->state === JobState::Repair => 'nothing agreed yet',
            default => '',
        };
    }

    /** The last thing that was done to what was at fault, in words; where that is not known, the last thing done at all. */
    private function lastRepair(): ?string
    {
        $acts = array_filter($this->assessment->record->all(ActDone::class), fn (ActDone $act): bool => ! $act->begun);
        $causes = array_map(fn (PartStanding $cause): string => $cause->part->id, $this->assessment->causes());
        $cures = array_filter($acts, fn (ActDone $act): bool => array_intersect($act->on, $causes) !== []);
        $last = array_slice($cures === [] ? $acts : $cures, -1)[0] ?? null;

        return $last === null ? null : (new EntryWords($this->assessment->machine, $this->catalogue))->what($last);
    }

    private function proved(): string
    {
        $proof = $this->assessment->proof;
        if ($proof->outside === null && $proof->inside === null && $this->progress->state !== JobState::Prove) {
            return '';
        }
        $done = count($this->plan->in(PlanState::Done)) + count($proof->places) - count(PlaceToProve::open($proof->places));

        return sprintf('%d of %d shown', $done, $done + count($this->plan->owedInWords()));
    }

    private function handedBack(): string
    {
        $record = $this->assessment->record;

        return match (true) {
            $record->collection() !== null => 'collected',
            $record->closing() !== null => 'to be collected',
            $this->progress->state === JobState::HandBack => 'ready to be closed',
            default => '',
        };
    }
}
