<?php

declare(strict_types=1);

namespace App\UseCases\Advice;

use App\Models\Entry;
use App\Models\Job;
use App\Models\Notice;
use App\Models\Spare;
use Orthoscope\Core\Diagnosis\PartStanding;

/**
 * When a spare turns out bad, jobs that relied on it are worked out again, and the technicians of those that stand otherwise now are told.
 */
final readonly class ReweighJobs
{
    /** A trial longer ago is history. */
    private const DAYS = 365;

    public function __construct(private AssessJob $assessJob)
    {
    }

    /** @return int jobs whose standing changed */
    public function since(Spare $spare): int
    {
        $changed = 0;
        $jobs = Entry::query()
            ->where('kind', 'start')
            ->where('made_at', '>', now()->subDays(self::DAYS))
            ->where('body', 'like', '%"'.$spare->tag.'"%')
            ->distinct()
            ->pluck('job_id');
        foreach (
            Job::query()
                ->with(['machine', 'entries'])
                ->whereIn('id', $jobs)
                ->get() as $job
        ) {
            $before = $this->assessJob->asItWas($job, $spare->tag);
            $after = $this->assessJob->refresh($job);
            $parts = array_keys(
                array_filter(
                    $after->standings,
                    fn (PartStanding $now): bool => $now->standing !== $before->standings[$now->part->id]->standing,
                ),
            );
            if ($parts === []) {
                continue;
            }
            $changed++;
            $first = $after->standings[$parts[0]];
            $words = "{$spare->tag} turned out bad. {$job->tag} stands otherwise: {$first->part->name} is now "
                .$first->standing->words()
                .', was '
                .$before->standings[$parts[0]]->standing->words()
                .(count($parts) > 1 ? ', and '.(count($parts) - 1).' more' : '')
                .'.';
            foreach (
                $job->entries
                    ->whereIn('kind', ['start', 'finding', 'act'])
                    ->pluck('user_id')
                    ->unique() as $user
            ) {
                Notice::query()->create(['user_id' => $user, 'job_id' => $job->id, 'words' => $words]);
            }
        }

        return $changed;
    }
}
