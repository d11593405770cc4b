<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;
use Orthoscope\Core\Bench\JobState;

/**
 * Who does what first today: jobs in the order of their due word and of what their next step is worth, spread over the benches, no spare
 * on two of them at once. Each says why it stands where it does.
 */
final class DayPlan
{
    /** Minutes before a promised word from which it comes first. Origin: judgement. */
    private const SOON = 120;

    /** What a job counts for that is nearly done, and one whose spare has come, in minutes saved for each minute. Origin: judgement. */
    private const NEARLY_DONE = 10.0;

    private const CAME = 20.0;

    /**
     * @param  list<Waiting>  $jobs
     * @param  int  $benches 1 or more, numbered from 1; a job that stands on a bench stays there
     *
     * @return list<array{job: string, bench: int, from: DateTimeImmutable, to: DateTimeImmutable, why: string}> in the order of their
     *     beginning
     */
    public static function of(array $jobs, int $benches, Roster $roster, DateTimeImmutable $now): array
    {
        usort($jobs, fn (Waiting $a, Waiting $b): int => self::rank($a, $now) <=> self::rank($b, $now));
        $times = array_map($roster->bench(...), array_combine($numbers = range(1, max(1, $benches)), $numbers));
        $free = array_map(fn (BenchTime $time): DateTimeImmutable => $time->nextOpen($now), $times);
        $spareFree = [];
        $plan = [];
        while ($jobs !== [] && $free !== []) {
            $bench = (int) array_search(min($free), $free, false);
            $may = array_filter($jobs, fn (Waiting $job): bool => self::mayMove($job, $bench, $times, $free[$bench]));
            if ($may === []) {
                // What is left stands on another bench.
                unset($free[$bench]);

                continue;
            }
            [$place, $from, $late] = self::firstThatCan($may, $free[$bench], $spareFree, $times[$bench]);
            $job = $jobs[$place];
            unset($jobs[$place]);
            $to = $times[$bench]->after($from, max(5, $job->next));
            $free[$bench] = $to;
            if ($job->spare !== null) {
                $spareFree[$job->spare] = $to;
            }
            $plan[] = ['job' => $job->job, 'bench' => $bench, 'from' => $from, 'to' => $to, 'why' => self::why($job, $now).$late];
        }
        usort($plan, fn (array $a, array $b): int => [$a['from'], $a['bench']] <=> [$b['from'], $b['bench']]);

        return $plan;
    }

    /**
     * Whether a job can be worked on at a bench: its own, or any while nobody works at its own that day.
     *
     * @param  array<int, BenchTime>  $times
     */
    private static function mayMove(Waiting $job, int $bench, array $times, DateTimeImmutable $at): bool
    {
        $own = $times[$job->bench ?? $bench] ?? null;

        return $own === null || $own === $times[$bench] || $own->nextOpen($at)->format('Y-m-d') > $at->format('Y-m-d');
    }

    /**
     * The first in rank that can begin when the bench is free; if none can, the one that can begin soonest. A bench does not stand idle for
     * a job that has to wait.
     *
     * @param  non-empty-array<int, Waiting>  $jobs  in the order of their rank
     * @param  array<string, DateTimeImmutable>  $spareFree
     *
     * @return array{int, DateTimeImmutable, string} its key, when it begins, and why later than the bench is free
     */
    private static function firstThatCan(array $jobs, DateTimeImmutable $free, array $spareFree, WorkingTime $time): array
    {
        $soonest = null;
        foreach ($jobs as $place => $job) {
            $from = $free;
            $late = '';
            foreach (
                [
                    [$job->notBefore, 'what it waits for'],
                    [$spareFree[$job->spare ?? ''] ?? null, "{$job->spare}, which another job has until then"],
                ] as [$until, $what]
            ) {
                if ($until !== null && $until > $from) {
                    $from = $time->nextOpen($until);
                    $late = " It begins later for {$what}.";
                }
            }
            if ($from <= $free) {
                return [$place, $from, $late];
            }
            if ($soonest === null || $from < $soonest[1]) {
                $soonest = [$place, $from, $late];
            }
        }

        return $soonest;
    }

    /** @return array{int, int, float, string} overdue and soon due first, by when; then by what a minute saves */
    private static function rank(Waiting $job, DateTimeImmutable $now): array
    {
        $left = self::minutesLeft($job, $now);
        $pressing = $left !== null && $left <= self::SOON + $job->next;

        return [$pressing ? 0 : 1, $pressing ? (int) $left : 0, -self::worth($job), $job->job];
    }

    private static function worth(Waiting $job): float
    {
        return match (true) {
            $job->came !== null => self::CAME,
            $job->state->work()->isNearlyDone() => self::NEARLY_DONE,
            default => max(0.0, $job->saves) / max(1, $job->next),
        };
    }

    private static function why(Waiting $job, DateTimeImmutable $now): string
    {
        $left = self::minutesLeft($job, $now);

        return match (true) {
            $left !== null && $left < 0 => 'Its owner should have heard already.',
            $left !== null && $left <= self::SOON + $job->next => 'Its owner was promised a word soon.',
            $job->came !== null => "{$job->came} is here, which it waited for.",
            $job->state->work() === JobState::Prove => 'It is nearly done: proving it clears a bench.',
            $job->state->work() === JobState::Confirm => 'One start confirms it.',
            $job->state->work() === JobState::Repair => 'Nothing is left to test; it only needs deciding and doing.',
            $job->state->work() === JobState::FirstStart => 'Nobody has started it yet.',
            default => sprintf('Its next step saves about %d minutes in %d.', (int) round($job->saves), $job->next),
        };
    }

    private static function minutesLeft(Waiting $job, DateTimeImmutable $now): ?int
    {
        return $job->word === null ? null : intdiv($job->word->getTimestamp() - $now->getTimestamp(), 60);
    }
}
