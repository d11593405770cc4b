<?php

declare(strict_types=1);

namespace App\View;

use App\UseCases\Jobs\GuideFirstJob;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\ActDone;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\Planning\Candidate;
use Orthoscope\Core\Planning\NextStep;

/** What a guided first job says at each station: what to do, and what its made-up machine, with a dead power supply, shows. */
final readonly class FirstJob
{
    private const GUILTY = 'supply';

    private function __construct(public string $title, public string $words)
    {
    }

    public static function at(Assessment $assessment, Progress $progress, Catalogue $catalogue): self
    {
        $first = $assessment->advice->steps[0] ?? null;

        return match ($progress->state) {
            JobState::FirstStart, JobState::Find, JobState::Confirm, JobState::Locked => new self(
                $progress->state === JobState::FirstStart ? 'Start it once' : 'Find the fault',
                'The dark step at the left comes first. Think that you do it: '
                    .($first === null ? 'look at the machine.' : self::shows($first, $assessment, $catalogue))
                    .' Press the button that says so, or its letter.',
            ),
            JobState::Repair => new self(
                'Repair it',
                'The record shows what it is. Its owner agreed to spend '
                    .shop()->money()->words(GuideFirstJob::LIMIT)
                    .', so nobody has to be asked. '
                    .'Think that you fit a new one, and press “done”.',
            ),
            JobState::Prove => new self(
                'Prove it',
                'Nothing goes back on one good start. It starts and stays up, whatever you ask of it now; every check is fine. '
                    .'Press what you see until all is shown.',
            ),
            JobState::HandBack => new self(
                'Close it',
                'All is shown. Close the job: bring back what was lent, look at the price that was worked out, and make the letter.',
            ),
            JobState::Collect, JobState::Closed => new self(
                'Print the letter',
                'That was a whole job. Read the letter as its owner would: it says only what the record carries. Print it.',
            ),
            default => new self('It waits', 'Something is awaited: see “Next”. Here you may go on as if it had come.'),
        };
    }

    private static function shows(NextStep $step, Assessment $assessment, Catalogue $catalogue): string
    {
        $replaced = array_filter(
            $assessment->record->all(ActDone::class),
            fn (ActDone $act): bool => $act->act === 'replace' && in_array(self::GUILTY, $act->on, true),
        );
        $candidate = $step->candidate;
        if ($candidate->setUp !== null) {
            $runs = $replaced !== [] || $candidate->setUp->isLent(self::GUILTY);

            return $runs ? 'it starts and stays up.' : 'nothing happens.';
        }

        return 'it shows: '.self::finding($candidate, $step, $catalogue).'.';
    }

    /** A check of the supply says that it is dead; any other shows what a good part shows. */
    private static function finding(Candidate $candidate, NextStep $step, Catalogue $catalogue): string
    {
        $check = $catalogue->check((string) $candidate->step->check);
        if ($candidate->target?->kind->id === self::GUILTY || $check->id === 'supply-test') {
            foreach ($step->outcomes as $outcome) {
                if ($outcome->result === 'fail') {
                    return $outcome->words;
                }
            }
        }

        return $step->outcomes[0]->words;
    }
}
