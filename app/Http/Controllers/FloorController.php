<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Claim;
use App\Models\Job;
use App\UseCases\JobSummary;
use Illuminate\View\View;

/** All machines in the shop, by what they wait for. */
final class FloorController
{
    public function __invoke(): View
    {
        $jobs = Job::query()->open()->with(['machine.owner', 'summary', 'claim.user'])->orderBy('arrived_at')->limit(200)->get();
        $closed = Job::query()->whereHas('summary', fn ($summary) => $summary->where('closed', true))
            ->with(['machine.owner', 'summary', 'claim.user'])->orderByDesc('id')->limit(10)->get();

        return view('floor', [
            'groups' => $jobs->concat($closed)->groupBy(fn (Job $job): string => $job->summary->waits_for ?? 'first-start'),
            'waits' => JobSummary::WAITS,
            'open' => $jobs->count(),
            'benches' => Claim::query()->with(['job.machine', 'user'])->get()->keyBy('bench'),
        ]);
    }
}
