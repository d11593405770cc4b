<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\Ground;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Diagnosis\Standings;
use Orthoscope\Core\Diagnosis\StopEstimate;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Planning\Advice;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\Candidates;
use Orthoscope\Core\Planning\Interlocks;
use Orthoscope\Core\Planning\Planner;
use Orthoscope\Core\Planning\Repair;
use Orthoscope\Core\Planning\RepairNeeds;
use Orthoscope\Core\Planning\Trial;
use Orthoscope\Core\SetUp\StartBy;
use Orthoscope\Core\Shelf\Shelf;

/** What a policy may look at: the record and what follows from it, worked out only as far as it is asked for. */
final class View
{
    private readonly Grounds $grounds;

    private readonly Interlocks $locks;

    /** @var ?array<string, PartStanding> */
    private ?array $standings = null;

    public function __construct(
        public readonly Catalogue $catalogue,
        public readonly Replay $replay,
        public readonly Record $record,
        private readonly Shelf $shelf,
    ) {
        $this->grounds = Grounds::read($record, $replay->model);
        $this->locks = Interlocks::of($record, $replay->model->machine, $catalogue);
    }

    public function advice(): Advice
    {
        return Planner::advise($this->catalogue, $this->replay, $this->record, $this->grounds, $this->locks, $this->shelf, []);
    }

    /** @return list<Candidate> steps that can be taken now */
    public function open(): array
    {
        $all = (new Candidates(
            $this->catalogue,
            $this->replay->model->machine,
            $this->record,
            $this->shelf,
            $this->grounds,
            $this->locks,
            Trial::of($this->record, $this->grounds, $this->catalogue),
        ))->all();

        return array_values(array_filter($all, fn (Candidate $c): bool => ! $c->lacksSpare && $this->locks->inTheWayOf($c) === []));
    }

    /** @return array<string, PartStanding> */
    public function standings(): array
    {
        return $this->standings ??= (new Standings(
            $this->replay,
            $this->grounds,
            StopEstimate::of($this->replay, $this->record),
            $this->record,
        ))->all();
    }

    /** A part that was swapped with a gain and not put back since. */
    public function toPutBack(): ?Candidate
    {
        foreach ($this->open() as $candidate) {
            if ($candidate->step->each === 'swapped') {
                return $candidate;
            }
        }

        return null;
    }

    /** A part that stands condemned and is still in. */
    public function condemned(): ?string
    {
        foreach ($this->standings() as $part => $standing) {
            if ($standing->standing === Standing::Condemned && $standing->now >= 0.5) {
                return $part;
            }
        }

        return null;
    }

    /** A part that was put back and with which the trouble came back, and that is still in. */
    public function cameBack(): ?string
    {
        foreach ($this->replay->model->machine->parts as $part) {
            if (! isset($this->replay->fitted[$part->id]) && $part->kind->lendable && $this->grounds->has($part->id, Ground::CameBack)) {
                return $part->id;
            }
        }

        return null;
    }

    /** @return ?array{Repair, float} the repair most likely needed, and how likely */
    public function likeliestRepair(): ?array
    {
        $needs = new RepairNeeds($this->catalogue, $this->replay, $this->record, []);
        $p = $needs->probabilities($needs->under($this->replay->belief));
        $first = array_key_first($p);

        return $first === null ? null : [$needs->repairs[$first], $p[$first]];
    }

    /** Whether the last start went all the way with all its own parts in. */
    public function runs(): bool
    {
        $last = $this->record->lastStart();

        return $last !== null
            && $last->reached === 'stays'
            && $last->setUp->out === []
            && $last->setUp->lent === []
            && $last->setUp->moved === [];
    }

    /** Starts in a row, up to now, that went all the way as the machine came, since it was last touched. */
    public function cleanStarts(): int
    {
        $clean = 0;
        foreach (array_reverse($this->record->inForce) as $entry) {
            if ($entry instanceof Finding) {
                continue;
            }
            if (! ($entry instanceof Start) || $entry->reached !== 'stays') {
                break;
            }
            $clean += $entry->setUp->out === []
                && $entry->setUp->lent === []
                && $entry->setUp->moved === []
                && ! $entry->setUp->otherOutput
                && $entry->setUp->startBy === StartBy::Button
                    ? $entry->times
                    : 0;
        }

        return $clean;
    }
}
