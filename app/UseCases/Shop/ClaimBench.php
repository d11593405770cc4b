<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Claim;
use App\Models\Job;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** One bench, one job, one pair of hands. A bench that is taken is never taken away silently. */
final class ClaimBench
{
    /** @throws ValidationException that says who has the bench, and with which job */
    public function claim(Job $job, User $by, int $bench): void
    {
        DB::transaction(function () use ($job, $by, $bench): void {
            $job->holdForWriting();
            $taken = Claim::query()
                ->with(['job', 'user'])
                ->find($bench);
            if ($taken !== null && $taken->job_id !== $job->id) {
                throw ValidationException::withMessages([
                    'bench' => "Bench {$bench} is taken: {$taken->user->name} has {$taken->job->tag} on it. Take another, or ask.",
                ]);
            }
            Claim::query()->where('job_id', $job->id)->delete();
            Claim::query()->create(['bench' => $bench, 'job_id' => $job->id, 'user_id' => $by->id, 'since' => now()]);
        });
    }

    public function leave(Job $job): void
    {
        Claim::query()->where('job_id', $job->id)->delete();
    }
}
