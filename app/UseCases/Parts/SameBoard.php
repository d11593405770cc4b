<?php

declare(strict_types=1);

namespace App\UseCases\Parts;

use App\Models\Job;
use App\Models\Spare;
use Illuminate\Database\Eloquent\Collection;

/** Who else in the shop has a board of the same model: a witness of what it shows and takes when nothing is wrong with it. */
final readonly class SameBoard
{
    private const MOST = 20;

    /** @return Collection<int, Spare> host machines on the shelf */
    public function hosts(Job $job): Collection
    {
        $model = $job->machine->platformFact('board');

        return Spare::query()
            ->where('kind', 'host')
            ->where('status', 'free')
            ->orderBy('tag')
            ->get()
            ->filter(fn (Spare $host): bool => $host->isOfBoard($model))
            ->values();
    }

    /** @return Collection<int, Job> machines that are here */
    public function jobs(Job $job): Collection
    {
        $model = $job->machine->platformFact('board');

        return $model === ''
            ? new Collection
            : Job::query()
                ->open()
                ->whereKeyNot($job->id)
                ->whereHas('machine', fn ($query) => $query->where('made_of->platform->board', $model))
                ->with(['machine', 'summary'])
                ->limit(self::MOST)
                ->get();
    }
}
