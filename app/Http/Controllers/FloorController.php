<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Claim;
use App\Models\Job;
use App\Models\Loan;
use App\Models\Notice;
use App\UseCases\JobSummary;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;

/** All machines in the shop, by what they wait for. */
final class FloorController
{
    public function __invoke(Request $request): View
    {
        $jobs = Job::query()->open()->with(['machine.owner', 'summary', 'claim.user'])->orderBy('arrived_at')->limit(200)->get();
        $closed = Job::query()->whereHas('summary', fn ($summary) => $summary->where('closed', true))
            ->with(['machine.owner', 'summary', 'claim.user'])->orderByDesc('id')->limit(10)->get();

        return view('floor', [
            'groups' => $jobs->concat($closed)->groupBy(fn (Job $job): string => $job->summary->waits_for ?? 'first-start'),
            'waits' => JobSummary::WAITS,
            'open' => $jobs->count(),
            'notices' => Notice::query()->with('job')->where('user_id', $request->user()?->getAuthIdentifier())->whereNull('seen_at')->limit(20)->get(),
            'overdue' => Gate::allows('work-at-bench') ? Loan::query()->whereNull('back_at')->where('due_at', '<', now())->count() : 0,
            'benches' => Claim::query()->with(['job.machine', 'user'])->get()->keyBy('bench'),
        ]);
    }
}
