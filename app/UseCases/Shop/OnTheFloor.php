<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Entry;
use App\Models\FloorFilter;
use App\Models\Job;
use App\Models\Summary;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Collection;
use Orthoscope\Core\Bench\JobState;

/** The machines in the shop, and those that left it last, by what they wait for. */
final readonly class OnTheFloor
{
    private const OPEN = 200;

    private const TO_COLLECT = 100;

    private const LEFT = 10;

    /**
     * @param  EloquentCollection<int, Job>  $jobs in the order they came in; those that left last
     * @param  array<int, int>  $lastBy job => who made its last entry
     */
    private function __construct(public EloquentCollection $jobs, private array $lastBy)
    {
    }

    public static function now(): self
    {
        $jobs = Job::query()->open()->orderBy('arrived_at')->limit(self::OPEN)->get();
        $shown = $jobs
            ->concat(self::that(JobState::Collect, self::TO_COLLECT)->reverse())
            ->concat(self::that(JobState::Closed, self::LEFT))
            ->load(['machine.owner', 'summary', 'claim.user']);
        $last = Entry::query()
            ->whereIn('job_id', $shown->modelKeys())
            ->selectRaw('max(id)')
            ->groupBy('job_id');
        /** @var array<int, int> $lastBy */
        $lastBy = Entry::query()->whereIn('id', $last)->pluck('user_id', 'job_id')->all();

        return new self($shown, $lastBy);
    }

    public function open(): int
    {
        return $this->jobs->filter(fn (Job $job): bool => ! ($job->summary->closed ?? false))->count();
    }

    /** @return EloquentCollection<int, Job> */
    public function those(FloorFilter $filter, User $user): EloquentCollection
    {
        return $this->jobs->filter(fn (Job $job): bool => $filter->takes($job, $user, $this->lastBy[$job->id] ?? null));
    }

    /**
     * @return Collection<string, EloquentCollection<int, Job>> state => jobs, in the order of JobState
     */
    public function groups(FloorFilter $filter, User $user): Collection
    {
        $groups = $this->those($filter, $user)->groupBy(fn (Job $job): string => $job->state()->value);

        return collect(JobState::cases())
            ->mapWithKeys(fn (JobState $state): array => [$state->value => $groups[$state->value] ?? null])
            ->filter();
    }

    /** @return EloquentCollection<int, Job> */
    private static function that(JobState $waitsFor, int $most): EloquentCollection
    {
        return Job::query()
            ->whereIn('id', Summary::query()->where('waits_for', $waitsFor)->orderByDesc('job_id')->limit($most)->select('job_id'))
            ->orderByDesc('id')
            ->get();
    }
}
