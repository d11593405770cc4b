<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\GoAheadRequest;
use App\Http\Requests\WorthRequest;
use App\Models\Job;
use App\Models\PartsSupplier;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Shop\ShopBelief;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Illuminate\View\View;

/** The ways on, cheapest first, and what was agreed with the owner. */
final class DecideController
{
    public function show(WorthRequest $request, Job $job, DecideJob $decide, AssessJob $assessJob): View
    {
        $job->load(['machine.owner', 'quotes.user', 'orders.spare']);

        return view('decide', [
            'job' => $job,
            'decision' => $decide->decide($job, $request->worth()),
            'leave' => $decide->leave($job),
            'worth' => $request->worth(),
            'assessment' => $assessJob->assess($job),
            'offers' => $decide->offers($assessJob->machine($job)),
            'suppliers' => PartsSupplier::query()->inUse()->orderBy('name')->get(),
            'once' => (string) Str::uuid(),
            'avoid' => collect(ShopBelief::notToBuy()),
        ]);
    }

    /** Going ahead without a quote: within the limit, or as the owner said on the telephone. */
    public function ahead(GoAheadRequest $request, Job $job, RecordEntries $recordEntries, #[CurrentUser] User $user): RedirectResponse
    {
        $recordEntries->record($job, $user, [$request->agreement()], $request->once());

        return redirect()
            ->route('jobs.decide', $job)
            ->with('status', 'On the record: '.$request->inWords());
    }
}
