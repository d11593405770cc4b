<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Claim;
use App\Models\Job;
use App\Models\Notice;
use App\Models\Shift;
use App\Models\Summary;
use App\Models\User;
use App\UseCases\Shop\DueSoon;
use App\UseCases\Shop\Overdue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Collection as EloquentCollection;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;
use Orthoscope\Core\Bench\JobState;

/** All machines in the shop, by what they wait for. */
final class FloorController
{
    public function __invoke(#[CurrentUser] User $user): View
    {
        $jobs = Job::query()->open()->orderBy('arrived_at')->limit(200)->get();
        $waitFor = fn (JobState $what, int $most): EloquentCollection => Job::query()
            ->whereIn('id', Summary::query()->where('waits_for', $what)->orderByDesc('job_id')->limit($most)->select('job_id'))
            ->orderByDesc('id')
            ->get();
        $shown = $jobs
            ->concat($waitFor(JobState::Collect, 100)->reverse())
            ->concat($waitFor(JobState::Closed, 10))
            ->load(['machine.owner', 'summary', 'claim.user']);

        return view('floor', [
            'groups' => $shown->groupBy(fn (Job $job): string => $job->state()->value),
            'waits' => array_column(array_map(fn (JobState $state): array => [$state->value, $state->words()], JobState::cases()), 1, 0),
            'open' => $jobs->count(),
            'notices' => Notice::query()->with('job')->where('user_id', $user->id)->whereNull('seen_at')->limit(20)->get(),
            'runsOut' => Gate::allows('work-at-bench') ? DueSoon::now() : null,
            'overdue' => Overdue::now(),
            'in' => Shift::query()->with('user')->where('from_at', '<=', now())->where('to_at', '>', now())->orderBy('from_at')->get(),
            'benches' => Claim::query()
                ->with(['job.machine', 'user'])
                ->get()
                ->keyBy('bench'),
        ]);
    }
}
