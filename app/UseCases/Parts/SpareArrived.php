<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Notice;
use App\Models\Spare;
use App\UseCases\Advice\AssessJob;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Shelf\Fitting;

/** Parked jobs hear of a spare that can be lent from now on. */
final readonly class SpareArrived
{
    public function __construct(private AssessJob $assessJob, private Catalogue $catalogue)
    {
    }

    /** A spare can be lent from now on: bought, saved, brought back or proved. Jobs that wait for such a one hear of it. */
    public function tell(Spare $spare): void
    {
        if ($spare->status !== 'free' || Loan::query()->where('spare_id', $spare->id)->whereNull('back_at')->exists()) {
            return;
        }
        $core = $spare->core();
        foreach (Job::query()->open()->with(['machine', 'entries'])->whereNotNull('parked')->get() as $job) {
            $fitting = Fitting::ofSpare($core, $this->assessJob->machine($job), $this->catalogue->shelf);
            $parked = $job->parked;
            if ($parked === null || $parked['kind'] !== $core->kind || $spare->isReservedFrom($job) || ! $fitting->fits()) {
                continue;
            }
            $words = "{$spare->tag} is here: {$spare->name}. {$parked['step']}.";
            $workers = $job->entries->whereIn('kind', ['start', 'finding', 'act', 'note'])->pluck('user_id');
            foreach ($workers->push($parked['by'])->filter()->unique() as $user) {
                Notice::query()->create(['user_id' => $user, 'job_id' => $job->id, 'words' => $words]);
            }
            $job->update(['parked' => null, 'spare_here' => $spare->tag]);
            $this->assessJob->refresh($job);
        }
    }
}
