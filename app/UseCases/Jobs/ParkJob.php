<?php

declare(strict_types=1);

namespace App\UseCases\Jobs;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Planning\SpareWanted;

/** A job that waits for a spare nobody has is parked with what would settle it; when one comes the job says so and comes first. */
final readonly class ParkJob
{
    public function __construct(private AssessJob $assessJob, private RecordEntries $recordEntries)
    {
    }

    /** @throws ValidationException where no spare of that kind would settle it */
    public function until(Job $job, string $kind, User $by): SpareWanted
    {
        $advice = $this->assessJob->assess($job)->advice;
        $wanted = array_values(array_filter(SpareWanted::in($advice), fn (SpareWanted $one): bool => $one->kind === $kind))[0]
            ?? throw ValidationException::withMessages(['kind' => 'No such spare would settle this job now; load the page again.']);
        $this->recordEntries->record(
            $job,
            $by,
            [['kind' => 'note', 'text' => "Parked until one comes for {$wanted->part}. {$wanted->words()}"]],
        );
        $job->update(
            [
                'parked' => [
                    'kind' => $kind,
                    'part' => $wanted->part,
                    'step' => $wanted->step,
                    'since' => now()->toIso8601String(),
                    'by' => $by->id,
                ],
                'spare_here' => null,
            ],
        );
        $this->assessJob->refresh($job);

        return $wanted;
    }

    public function takeUp(Job $job): void
    {
        $job->update(['parked' => null, 'spare_here' => null]);
        $this->assessJob->refresh($job);
    }
}
