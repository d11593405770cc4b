<?php

declare(strict_types=1);

namespace App\UseCases\Practice;

use App\Models\Job;
use App\Models\PracticeCase;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Diagnosis\PartStanding;
use Orthoscope\Core\Diagnosis\Standing;
use Orthoscope\Core\Evidence\Report;
use Orthoscope\Core\Practice\Puzzle;
use Orthoscope\Core\Practice\PuzzleMistake;

/** Makes practice machines of the shop's own: of a closed job with no name in it, by hand, or from a file. */
final readonly class MakeCase
{
    /** Of what a machine is made of, what is kept: no model, no name, nothing by which its owner's could be known. */
    private const KEPT = ['memory', 'card', 'card_plug', 'drives', 'add_in', 'facts'];

    public function __construct(private Catalogue $catalogue, private AssessJob $assessJob)
    {
    }

    /**
     * Set to the fault that was confirmed or put right, with what was told and marked at arrival.
     *
     * @throws PuzzleMistake where the job says of no part for sure what was wrong with it
     */
    public function ofJob(Job $job, User $by): PracticeCase
    {
        $assessment = $this->assessJob->assess($job);
        if ($assessment->record->closing() === null) {
            throw PuzzleMistake::at('', 'Only a closed job becomes a practice machine: nobody knows yet what was wrong.');
        }
        if ($assessment->machine->alone !== null) {
            throw PuzzleMistake::at('', 'A part that came alone is no machine to practise on.');
        }
        $faults = [];
        $known = array_filter(
            $assessment->causes(),
            fn (PartStanding $cause): bool => $cause->confirmed || $cause->standing === Standing::Cured,
        );
        foreach (array_slice($known, 0, Puzzle::MOST) as $cause) {
            $fault = $assessment->faultsOf($cause->part->id)[0] ?? null;
            if ($fault !== null && isset($this->catalogue->faults[$fault->fault->id])) {
                $faults[] = ['fault' => $fault->fault->id, 'part' => $cause->part->id];
            }
        }
        if ($faults === []) {
            throw PuzzleMistake::at('', 'Its record confirms no cause, so nobody knows what such a machine would show.');
        }
        $report = $assessment->record->all(Report::class)[0] ?? null;
        $number = PracticeCase::query()->count() + 1;

        return $this->keep(
            new Puzzle(
                name: "Own case {$number}",
                madeOf: array_intersect_key($job->machine->made_of, array_flip(self::KEPT)),
                faults: $faults,
                seed: "case {$number} ".bin2hex(random_bytes(4)),
                event: $report->events[0] ?? 'none',
                told: $report?->reached,
                marks: array_values(array_diff($report->marks ?? [], ['consent-system'])),
            ),
            $by,
        );
    }

    /** @throws PuzzleMistake when it cannot be set up as it is described */
    public function keep(Puzzle $puzzle, User $by): PracticeCase
    {
        $puzzle->hidden($this->catalogue)->report();

        return PracticeCase::query()->create(['name' => $puzzle->name, 'puzzle' => $puzzle->toArray(), 'user_id' => $by->id]);
    }
}
