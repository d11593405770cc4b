<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Bench\Timer;
use Orthoscope\Core\Bench\Timers;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\Planning\ActiveLock;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\Words\EntryWords;

/** What a list shows of a job: what it waits for, how far it gets, who is suspected, what comes next. */
final class JobSummary
{
    /** @return array{entries: int, waits_for: JobState, closed: bool, data: array<string, mixed>} */
    public static function of(Assessment $assessment, Catalogue $catalogue, AwaitedByJob $waiting, string $depth = Plan::USUAL): array
    {
        $plan = Plan::of($assessment, $catalogue, $depth);
        $closing = $assessment->record->closing();
        $progress = Progress::of($assessment, $plan, $waiting->awaited);
        $suspect = $assessment->suspects()[0] ?? null;
        $last = $assessment->record->lastStart();
        $words = new EntryWords($assessment->machine, $catalogue);

        return [
            'entries' => count($assessment->record->entries),
            'waits_for' => $progress->state,
            'closed' => $closing !== null,
            'data' => [
                'thumb' => $assessment->stop === null ? null : [$assessment->stop->earliest(), $assessment->stop->likeliest()],
                'outcome' => $last === null ? 'not started yet' : $words->outcome($last),
                'suspect' => $suspect === null
                        ? null
                        : [
                            'name' => $suspect->part->name,
                            'standing' => $suspect->standing->value,
                            'percent' => (int) round(100 * $suspect->stated()),
                        ],
                'next' => $progress->next,
                'due' => $waiting->due?->format(DATE_ATOM),
                'next_minutes' => $assessment->advice->steps[0]->minutes ?? null,
                'next_saves' => round($assessment->advice->steps[0]->saves ?? 0.0, 1),
                'next_spare' => $assessment->advice->steps[0]->candidate->spare->tag ?? null,
                'why' => $assessment->advice->why,
                'sound' => (int) floor(100 * $assessment->sound),
                'lent' => $closing !== null || $last === null
                        ? []
                        : array_values(array_map(fn (Lent $lent): string => $lent->tag, $last->setUp->lent)),
                'timers' => array_map(
                    fn (Timer $timer): array => ['name' => $timer->name, 'until' => $timer->until->format(DATE_ATOM)],
                    $closing !== null ? [] : Timers::of($assessment->record, $catalogue, $progress->wantsCold),
                ),
                'off' => count(StillOff::in($assessment->record, $catalogue)),
                'locked_until' => $assessment->locks->nextEnd()?->format(DATE_ATOM),
                'locks' => array_map(fn (ActiveLock $active): string => $active->lock->name, [
                    ...$assessment->locks->onPower(),
                    ...$assessment->locks->onOwnSupply(),
                ]),
            ],
        ];
    }
}
