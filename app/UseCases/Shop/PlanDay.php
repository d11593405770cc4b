<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\Queue\DayPlan;
use Orthoscope\Core\Queue\Forecast;
use Orthoscope\Core\Queue\Waiting as InQueue;

/** The plan of the day, and when each job may be finished, from what lists already know of jobs. */
final readonly class PlanDay
{
    /** Minutes a step takes that nobody worked out. Origin: judgement. */
    private const STEP = 10;

    /** @return Collection<int, Job> open jobs, those promised earliest first */
    public function jobs(int $most = 60): Collection
    {
        return Job::query()
            ->open()
            ->with(['machine.owner', 'summary', 'claim.user'])
            ->orderByRaw('next_word_at is null, next_word_at')
            ->limit($most)
            ->get();
    }

    /**
     * @param  Collection<int, Job>  $jobs
     *
     * @return list<array{job: string, bench: int, from: DateTimeImmutable, to: DateTimeImmutable, why: string}>
     */
    public function today(Collection $jobs): array
    {
        $here = $jobs->filter(fn (Job $job): bool => ! $job->state()->isAwayFromBench());

        return DayPlan::of(
            array_values($here->map($this->waiting(...))->all()),
            shop()->benches,
            WhoIsIn::roster(),
            self::now(),
        );
    }

    /**
     * @param  Collection<int, Job>  $jobs
     *
     * @return array<string, Forecast> tag => when it may be finished
     */
    public function forecasts(Collection $jobs): array
    {
        $ahead = 0;
        $forecasts = [];
        [$roster, $now] = [WhoIsIn::roster(), self::now()];
        [$hands, $time] = [$roster->hands($now), $roster->bench(1)];
        foreach ($jobs as $job) {
            $waiting = $this->waiting($job);
            $forecasts[$job->tag] = Forecast::of($waiting, $ahead, $hands, $time, $now);
            $ahead += intdiv(array_sum(Forecast::minutes($waiting->state)), 2);
        }

        return $forecasts;
    }

    private function waiting(Job $job): InQueue
    {
        $data = $job->summary->data ?? [];
        $until = $job->state() === JobState::Part ? $data['due'] ?? null : $data['locked_until'] ?? null;

        return new InQueue(
            job: $job->tag,
            state: $job->state(),
            next: (int) ($data['next_minutes'] ?? self::STEP),
            saves: (float) ($data['next_saves'] ?? 0.0),
            spare: $data['next_spare'] ?? null,
            word: $job->next_word_at?->toDateTimeImmutable(),
            notBefore: $until === null ? null : new DateTimeImmutable($until),
            bench: $job->claim?->bench,
            came: $job->spare_here,
        );
    }

    private static function now(): DateTimeImmutable
    {
        return new DateTimeImmutable(now()->toIso8601String());
    }
}
