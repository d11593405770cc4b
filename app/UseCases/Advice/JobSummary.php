<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Bench\Timer;
use Orthoscope\Core\Bench\Timers;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Closing;
use Orthoscope\Core\Evidence\Start;
use Orthoscope\Core\HandBack\HostTrials;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\HandBack\Station;
use Orthoscope\Core\HandBack\WayOfJob;
use Orthoscope\Core\HandBack\Waypoint;
use Orthoscope\Core\Plain\Percent;
use Orthoscope\Core\Planning\ActiveLock;
use Orthoscope\Core\Planning\Advice;
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
        $last = $assessment->record->lastStart();
        $words = new EntryWords($assessment->machine, $catalogue);
        $way = WayOfJob::of($assessment, $plan, $waiting->awaited, $catalogue);

        return [
            'entries' => count($assessment->record->entries),
            'waits_for' => $progress->state,
            'closed' => $closing !== null,
            'data' => [
                'thumb' => $assessment->stop === null ? null : [$assessment->stop->earliest(), $assessment->stop->likeliest()],
                'outcome' => self::outcome($assessment, $words, $catalogue),
                'suspect' => self::suspect($assessment),
                'way' => array_map(fn (Waypoint $point): string => $point->isHere ? 'here' : ($point->isDone ? 'done' : 'ahead'), $way),
                'ended' => $closing === null ? null : self::ended($way, $closing),
                ...self::next($progress, $assessment->advice),
                'due' => $waiting->due?->format(DATE_ATOM),
                'sound' => (int) floor(100 * $assessment->sound),
                'lent' => self::lent($closing === null ? $last : null),
                'timers' => self::timers($closing !== null ? [] : Timers::of($assessment->record, $catalogue, $progress->wantsCold)),
                'off' => count(StillOff::in($assessment->record, $catalogue)),
                'locked_until' => $assessment->locks->nextEnd()?->format(DATE_ATOM),
                'locks' => array_map(fn (ActiveLock $active): string => $active->lock->name, [
                    ...$assessment->locks->onPower(),
                    ...$assessment->locks->onOwnSupply(),
                ]),
            ],
        ];
    }

    /** How far it got, at the last start, or a part that came alone in a trial. */
    private static function outcome(Assessment $assessment, EntryWords $words, Catalogue $catalogue): string
    {
        $last = $assessment->record->lastStart();

        return match (true) {
            $last !== null => $words->outcome($last),
            HostTrials::in($assessment->record, $assessment->machine, $catalogue) !== [] => 'tried in a good machine',
            default => 'not started yet',
        };
    }

    /** @return ?array{name: string, standing: string, percent: int} */
    private static function suspect(Assessment $assessment): ?array
    {
        $suspect = $assessment->suspects()[0] ?? null;

        return $suspect === null
            ? null
            : [
                'name' => $suspect->part->name,
                'standing' => $suspect->standing->value,
                'percent' => Percent::whole($suspect->stated),
            ];
    }

    /** @return array<string, mixed> what comes next, and why */
    private static function next(Progress $progress, Advice $advice): array
    {
        $first = $advice->steps[0] ?? null;

        return [
            'next' => $progress->next,
            'next_minutes' => $first?->minutes,
            'next_saves' => round($first->saves ?? 0.0, 1),
            'next_spare' => $first?->candidate->spare?->tag,
            'why' => $advice->why,
        ];
    }

    /** @return list<string> */
    private static function lent(?Start $last): array
    {
        return array_values(array_map(fn (Lent $lent): string => $lent->tag, $last->setUp->lent ?? []));
    }

    /**
     * @param  list<Timer>  $timers
     *
     * @return list<array{name: string, until: string}>
     */
    private static function timers(array $timers): array
    {
        return array_map(
            fn (Timer $timer): array => ['name' => $timer->name, 'until' => $timer->until->format(DATE_ATOM)],
            $timers,
        );
    }

    /**
     * What a closed job was, what was done, and how it ended: a list says that of it, and not how it last started.
     *
     * @param  list<Waypoint>  $way
     *
     * @return array{was: string, how: string}
     */
    private static function ended(array $way, Closing $closing): array
    {
        $of = array_column(array_map(fn (Waypoint $point): array => [$point->station->value, $point->words], $way), 1, 0);

        [$found, $done] = [$of[Station::Find->value], $of[Station::Repair->value]];

        return [
            'was' => ucfirst(str_contains($done, lcfirst($found)) ? $done : implode(': ', array_filter([$found, $done]))),
            'how' => Closing::OUTCOMES[$closing->outcome],
        ];
    }
}
