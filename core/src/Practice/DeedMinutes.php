<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Step;
use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Diagnosis\Grounds;
use Orthoscope\Core\Diagnosis\Replay;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Finding;
use Orthoscope\Core\Evidence\Record;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\Candidates;
use Orthoscope\Core\Planning\Interlocks;
use Orthoscope\Core\Planning\Trial;
use Orthoscope\Core\SetUp\Goal;
use Orthoscope\Core\SetUp\Place;
use Orthoscope\Core\SetUp\SetUp;
use Orthoscope\Core\Shelf\Shelf;

/**
 * Bench minutes of a deed: those the planner counts where it knows such a step, else a plain start and what is changed for it, each
 * change as the catalogue has it for that kind of part.
 */
final readonly class DeedMinutes
{
    /** Minutes of a look that no step of the catalogue makes. Origin: judgement. */
    private const A_LOOK = 5;

    /** Minutes of a change that no step of the catalogue makes. Origin: judgement. */
    private const A_CHANGE = 2;

    public function __construct(private Catalogue $catalogue, private Machine $machine, private Record $record, private Shelf $shelf)
    {
    }

    public function of(Entry $entry): int
    {
        return match (true) {
            $entry instanceof Start => $this->ofStart($entry->setUp),
            $entry instanceof Finding => $this->ofLook($entry->check),
            $entry instanceof ActDone => $this->catalogue->act($entry->act)->minutes,
            default => 0,
        };
    }

    /** @return list<Candidate> steps as the planner would make them now, done or locked ones left out */
    public function candidates(): array
    {
        $model = Replay::among([], $this->machine, $this->record, $this->catalogue)->model;
        $grounds = Grounds::read($this->record, $model);

        return (new Candidates(
            $this->catalogue,
            $this->machine,
            $this->record,
            $this->shelf,
            $grounds,
            Interlocks::of($this->record, $this->machine, $this->catalogue),
            Trial::of($this->record, $grounds, $this->catalogue),
        ))->all();
    }

    private function ofLook(string $check): int
    {
        $minutes = array_map(
            fn (Step $step): int => $step->minutes,
            array_filter($this->catalogue->steps, fn (Step $step): bool => $step->check === $check),
        );

        return $minutes === [] ? self::A_LOOK : min($minutes);
    }

    private function ofStart(SetUp $setUp): int
    {
        $same = array_filter(
            $this->candidates(),
            fn (Candidate $candidate): bool => $candidate->step->act === null && $candidate->setUp?->key() === $setUp->key(),
        );
        if ($same !== []) {
            return min(array_map(fn (Candidate $candidate): int => $candidate->minutes(), $same));
        }

        return $this->plain() + $this->changes($this->record->lastStart()->setUp ?? new SetUp, $setUp) + $this->conditions($setUp);
    }

    private function plain(): int
    {
        return $this->catalogue->steps['start']->minutes;
    }

    private function changes(SetUp $standing, SetUp $wanted): int
    {
        $minutes = 0;
        foreach ($this->machine->parts as $part) {
            if (self::state($standing, $part->id) !== self::state($wanted, $part->id)) {
                $minutes += $this->oneChange($part->kind->id);
            }
        }
        if ($standing->place !== $wanted->place) {
            $minutes += $this->stepsTo($wanted->place);
        }

        return $minutes;
    }

    private static function state(SetUp $setUp, string $part): string
    {
        return match (true) {
            $setUp->isOut($part) => 'out',
            $setUp->isLent($part) => "lent {$setUp->lent[$part]->tag}",
            default => 'in '.($setUp->moved[$part] ?? ''),
        };
    }

    private function oneChange(string $kind): int
    {
        $minutes = [];
        foreach ($this->catalogue->steps as $step) {
            if ($step->each === $kind && $step->act === null && $step->check === null) {
                $minutes[] = $step->minutes - $this->plain();
            }
        }

        return $minutes === [] ? self::A_CHANGE : max(0, min($minutes));
    }

    private function stepsTo(Place $place): int
    {
        foreach ($this->catalogue->steps as $step) {
            if ($step->setUp->place === $place) {
                return max(0, $step->minutes - $this->plain());
            }
        }

        return self::A_CHANGE;
    }

    private function conditions(SetUp $setUp): int
    {
        $runs = match ($setUp->goal) {
            Goal::Load => $this->catalogue->number('load_minutes'),
            Goal::Hours => 2 * $this->catalogue->number('load_minutes'),
            default => 0.0,
        };

        return (int) ($runs + ($setUp->temperature === null ? 0.0 : $this->catalogue->number('condition_minutes')));
    }
}
