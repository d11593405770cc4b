<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\ToFollow;
use App\UseCases\Advice\AssessJob;
use Throwable;

/**
 * What must follow entries is written in one transaction with them and done after it. Where the power went in between, it is done when the
 * clock comes round, or when somebody opens the job: all of it can be done twice and comes to the same.
 */
final readonly class FollowUp
{
    /** Seconds after which whoever wrote the entries has no hand in it any more. */
    private const LEFT = 60;

    /** After so many tries a person has to look; `bin/doctor` says so. */
    public const MOST_TRIES = 20;

    public function __construct(private AfterEntries $after, private AssessJob $assessJob)
    {
    }

    /** @param  list<string>  $kinds of the entries that are being written */
    public static function write(Job $job, array $kinds): void
    {
        ToFollow::query()->create(['job_id' => $job->id, 'kinds' => $kinds, 'written_at' => now()]);
    }

    /** All that is to follow on a job, now. */
    public function carryOut(Job $job): void
    {
        $rows = ToFollow::query()->where('job_id', $job->id)->get();
        if ($rows->isEmpty()) {
            return;
        }
        $kinds = array_values(array_unique(array_merge(...$rows->map(fn (ToFollow $row): array => $row->kinds)->all())));
        $this->after->happened($job, $this->assessJob->assess($job), $kinds);
        $this->assessJob->refresh($job);
        ToFollow::query()->whereKey($rows->modelKeys())->delete();
    }

    /**
     * What was left behind.
     *
     * @return int on how many jobs it was carried out
     */
    public function heal(?Job $of = null): int
    {
        $left = ToFollow::query()
            ->with('job')
            ->when($of, fn ($rows) => $rows->where('job_id', $of?->id))
            ->where('written_at', '<', now()->subSeconds(self::LEFT))
            ->where('tries', '<', self::MOST_TRIES)
            ->get()
            ->unique('job_id');
        $done = 0;
        foreach ($left as $row) {
            ToFollow::query()->where('job_id', $row->job_id)->increment('tries');
            try {
                $this->carryOut($row->job);
                $done++;
            } catch (Throwable $failed) {
                // It stays to be done, and is told by the log and by the doctor.
                report($failed);
            }
        }

        return $done;
    }
}
