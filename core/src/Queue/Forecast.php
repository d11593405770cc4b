<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;
use Orthoscope\Core\Bench\JobState;

/**
 * When a job may be finished, as a range. How many bench minutes are still to come was measured on simulated jobs, by where they stand
 * (`WatchedPolicy`; see docs/PATTERNS.md): what the planner expects joins money with minutes and hardly narrows it.
 */
final readonly class Forecast
{
    /** What it waits for => bench minutes within which eight courses of ten are done. Measured. */
    public const MINUTES = [
        'first-start' => [21, 161],
        'find' => [26, 146],
        'confirm' => [12, 106],
        'repair' => [16, 95],
        'prove' => [0, 18],
        'locked' => [26, 146],
    ];

    private function __construct(public int $from, public int $to, public DateTimeImmutable $early, public DateTimeImmutable $late)
    {
    }

    /**
     * @param  int  $ahead minutes of other jobs that come first
     * @param  int  $hands people at benches
     */
    public static function of(Waiting $job, int $ahead, int $hands, WorkingTime $hours, DateTimeImmutable $now): self
    {
        [$from, $to] = self::minutes($job->state);
        $start = $job->notBefore !== null && $job->notBefore > $now ? $job->notBefore : $now;
        $queued = $hours->after($now, (int) ceil($ahead / max(1, $hands)));
        $begin = $queued > $start ? $queued : $start;

        return new self($from, $to, $hours->after($start, $from), $hours->after($begin, $to));
    }

    /** @return array{int, int} bench minutes from and to, eight courses of ten within */
    public static function minutes(JobState $state): array
    {
        return self::MINUTES[$state->work()->value] ?? [0, 0];
    }
}
