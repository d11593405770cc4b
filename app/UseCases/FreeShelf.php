<?php

declare(strict_types=1);

namespace App\UseCases;

use App\Models\Job;
use App\Models\Spare;
use App\Models\Summary;
use Illuminate\Database\Eloquent\Builder;
use Orthoscope\Core\Spares\Shelf;
use Orthoscope\Core\Spares\Spare as CoreSpare;

/** The spares that a job may borrow: all but those lent to another job. */
final readonly class FreeShelf
{
    public function for(Job $job): Shelf
    {
        $taken = $this->lentTo($job);

        return new Shelf(Spare::query()->orderBy('tag')->get()
            ->reject(fn (Spare $spare): bool => isset($taken[$spare->tag]))
            ->map(fn (Spare $spare): CoreSpare => new CoreSpare($spare->tag, $spare->kind, $spare->name, $spare->trust, $spare->value, $spare->fits))
            ->values()->all());
    }

    /**
     * Tag of each spare that is lent => tag of the job that has it.
     *
     * @return array<string, string>
     */
    public function lentTo(?Job $except = null): array
    {
        $taken = [];
        $summaries = Summary::query()->join('jobs', 'jobs.id', '=', 'summaries.job_id')
            ->where('closed', false)->whereJsonLength('data->lent', '>', 0)
            ->when($except !== null, fn (Builder $query): Builder => $query->where('job_id', '!=', $except?->id))
            ->get(['summaries.job_id', 'data', 'jobs.tag as job_tag']);
        foreach ($summaries as $summary) {
            foreach ($summary->data['lent'] as $tag) {
                $taken[$tag] = (string) $summary->getAttribute('job_tag');
            }
        }

        return $taken;
    }
}
