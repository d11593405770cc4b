<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Bench\Timer;
use Orthoscope\Core\Bench\Timers;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Planning\ActiveLock;
use Orthoscope\Core\SetUp\Lent;
use Orthoscope\Core\SetUp\Temperature;
use Orthoscope\Core\Words\EntryWords;

/** What a list shows of a job: what it waits for, how far it gets, who is suspected, what comes next. */
final class JobSummary
{
    /** What jobs wait for, in the order of the floor. */
    public const WAITS = [
        'spare-here' => 'Its spare is here',
        'locked' => 'Locked',
        'first-start' => 'First start',
        'find' => 'Find it',
        'confirm' => 'Confirm',
        'repair' => 'Decide and repair',
        'answer' => 'Waits for the owner',
        'part' => 'Waits for a part',
        'parked' => 'Parked until a spare comes',
        'prove' => 'Prove',
        'hand-back' => 'Write the letter',
        'collect' => 'To be collected',
        'closed' => 'Handed back',
    ];

    /** @return array{entries: int, waits_for: string, closed: bool, data: array<string, mixed>} */
    public static function of(Assessment $assessment, Catalogue $catalogue, Waiting $waiting, string $depth = Plan::USUAL): array
    {
        $plan = Plan::of($assessment, $catalogue, $depth);
        $closing = $assessment->record->closing();
        $suspect = $assessment->suspects()[0] ?? null;
        $last = $assessment->record->lastStart();
        $words = new EntryWords($assessment->machine, $catalogue);

        return [
            'entries' => count($assessment->record->entries),
            'waits_for' => self::waitsFor($assessment, $plan, $waiting),
            'closed' => $closing !== null,
            'data' => [
                'thumb' => $assessment->stop === null ? null : [$assessment->stop->earliest(), $assessment->stop->likeliest()],
                'outcome' => $last === null ? 'not started yet' : $words->outcome($last),
                'suspect' => $suspect === null ? null : ['name' => $suspect->part->name, 'standing' => $suspect->standing->value, 'percent' => (int) round(100 * $suspect->probability)],
                'next' => $waiting->words() ?? self::next($assessment, $plan),
                'due' => $waiting->due?->format(DATE_ATOM),
                'next_minutes' => $assessment->advice->steps[0]->minutes ?? null,
                'next_saves' => round($assessment->advice->steps[0]->saves ?? 0.0, 1),
                'next_spare' => $assessment->advice->steps[0]->candidate->spare->tag ?? null,
                'why' => $assessment->advice->why,
                'sound' => (int) floor(100 * $assessment->sound),
                'lent' => $closing !== null || $last === null ? [] : array_values(array_map(fn (Lent $lent): string => $lent->tag, $last->setUp->lent)),
                'timers' => array_map(fn (Timer $timer): array => ['name' => $timer->name, 'until' => $timer->until->format(DATE_ATOM)], $closing !== null ? [] : Timers::of($assessment->record, $catalogue, self::wantsCold($assessment))),
                'off' => count(StillOff::in($assessment->record, $catalogue)),
                'locked_until' => $assessment->locks->nextEnd()?->format(DATE_ATOM),
                'locks' => array_map(fn (ActiveLock $active): string => $active->lock->name, [...$assessment->locks->onPower(), ...$assessment->locks->onOwnSupply()]),
            ],
        ];
    }

    /** A cold start is among the steps that come first. */
    public static function wantsCold(Assessment $assessment): bool
    {
        foreach (array_slice($assessment->advice->steps, 0, 4) as $step) {
            if ($step->candidate->setUp?->temperature === Temperature::Cold) {
                return true;
            }
        }

        return false;
    }

    private static function next(Assessment $assessment, Plan $plan): string
    {
        $advice = $assessment->advice;

        return match (true) {
            $plan->isComplete() => 'Close the job',
            $assessment->proof->isComplete() => $plan->owed()[0]->item->name,
            $advice->stop === 'prove' => $assessment->proof->outside === null ? 'Prove it out of the case' : 'Prove it in the case',
            $advice->stop === 'decide' && $advice->repair !== null => ucfirst($advice->repair->name()),
            default => isset($advice->steps[0]) ? $advice->steps[0]->candidate->name() : '',
        };
    }

    private static function waitsFor(Assessment $assessment, Plan $plan, Waiting $waiting): string
    {
        return match (true) {
            $assessment->record->collection() !== null => 'closed',
            $assessment->record->closing() !== null => 'collect',
            $assessment->locks->powerIsLocked() => 'locked',
            $assessment->record->lastStart() === null => 'first-start',
            $waiting->answer => 'answer',
            $waiting->part !== null => 'part',
            $waiting->spareHere !== null => 'spare-here',
            $waiting->parked !== null => 'parked',
            $plan->isComplete() => 'hand-back',
            $assessment->proof->isComplete() => 'prove',
            $assessment->advice->stop === 'confirm' => 'confirm',
            $assessment->advice->stop === 'prove' => 'prove',
            $assessment->advice->stop === 'decide' => 'repair',
            default => 'find',
        };
    }
}
