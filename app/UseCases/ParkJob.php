<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Notice;
use App\Models\Spare;
use App\Models\User;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Planning\SpareWanted;
use Orthoscope\Core\Shelf\Fitting;

/** A job that waits for a spare nobody has is parked with what would settle it; when one comes the job says so and comes first. */
final readonly class ParkJob
{
    public function __construct(private AssessJob $assessJob, private Catalogue $catalogue)
    {
    }

    /** @throws ValidationException where no spare of that kind would settle it */
    public function until(Job $job, string $kind, User $by, RecordEntries $recordEntries): SpareWanted
    {
        $advice = $this->assessJob->assess($job)->advice;
        $wanted = array_values(array_filter(SpareWanted::in($advice), fn (SpareWanted $one): bool => $one->kind === $kind))[0]
            ?? throw ValidationException::withMessages(['kind' => 'No such spare would settle this job now; load the page again.']);
        $recordEntries->record(
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

    /** A spare can be lent from now on: bought, saved, brought back or proved. Jobs that wait for such a one hear of it. */
    public function spareCame(Spare $spare): void
    {
        if ($spare->status !== 'free' || Loan::query()->where('spare_id', $spare->id)->whereNull('back_at')->exists()) {
            return;
        }
        $core = $spare->core();
        foreach (Job::query()->open()->with(['machine', 'entries'])->whereNotNull('parked')->get() as $job) {
            $fitting = Fitting::of($core->kind, $core->facts, $this->assessJob->machine($job), $this->catalogue->shelf);
            if (($job->parked['kind'] ?? '') !== $core->kind || $spare->isReservedFrom($job) || ! $fitting->fits()) {
                continue;
            }
            $words = "{$spare->tag} is here: {$spare->name}. {$job->parked['step']}.";
            $workers = $job->entries->whereIn('kind', ['start', 'finding', 'act', 'note'])->pluck('user_id');
            foreach ($workers->push($job->parked['by'] ?? null)->filter()->unique() as $user) {
                Notice::query()->create(['user_id' => $user, 'job_id' => $job->id, 'words' => $words]);
            }
            $job->update(['parked' => null, 'spare_here' => $spare->tag]);
            $this->assessJob->refresh($job);
        }
    }
}
