<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Chain\Part;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\SetUp\Place;

/** The record as a sheet of trials: a row for each start and act, a column for each part that any of them changed. */
final readonly class TrialSheet
{
    public function __construct(private Assessment $assessment)
    {
    }

    /**
     * Parts that some start had lent, out or moved, or that were replaced: the columns of the trial sheet. What else was done is said in
     * the row.
     *
     * @return list<Part>
     */
    public function columns(): array
    {
        $changed = [];
        foreach ($this->assessment->record->all(Start::class) as $start) {
            foreach ([...$start->setUp->out, ...array_keys($start->setUp->lent), ...array_keys($start->setUp->moved)] as $part) {
                $changed[$part] = true;
            }
        }
        foreach ($this->assessment->record->all(ActDone::class) as $act) {
            $changed += $act->with === null ? [] : array_fill_keys($act->on, true);
        }

        return array_values(array_filter($this->assessment->machine->parts, fn (Part $part): bool => isset($changed[$part->id])));
    }

    /** How a part stands in a start, in the fewest letters: "·" own, "–" out, a tag, or a slot. */
    public function cell(Part $part, Start $start): string
    {
        $state = $start->setUp->stateOf($part->id);

        return match (true) {
            $state === 'own' => $part->kind->id === 'stick' ? substr($this->assessment->machine->slots[$part->id] ?? '', 5) : '·',
            $state === 'out' => '–',
            str_starts_with($state, 'lent ') => substr($state, 5),
            default => substr($state, 8),
        };
    }

    /** What an act did to a part, in the sheet: "new" where it was replaced, a cross where it was worked on. */
    public function actCell(Part $part, ActDone $act): string
    {
        return ! in_array($part->id, $act->on, true)
            ? ''
            : ($act->with === null
                ? '✚'
                : ($act->with->tag === 'new'
                    ? 'new'
                    : $act->with->tag));
    }

    public function place(Start $start): string
    {
        return $start->setUp->place === Place::Bench ? 'mat' : 'case';
    }
}
