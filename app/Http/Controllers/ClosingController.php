<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CloseRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Advice\WriteLetter;
use App\UseCases\Jobs\RecordEntries;
use App\UseCases\Jobs\WorkOutBill;
use App\UseCases\Shop\ClaimBench;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\HandBack\Ending;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\Letter\Warning;

/** Closing a job: what is proved, what is owed, what it costs. */
final class ClosingController
{
    public function create(
        Job $job,
        AssessJob $assessJob,
        WriteLetter $write,
        DecideJob $decide,
        WorkOutBill $workOut,
        Catalogue $catalogue,
    ): View {
        $assessment = $assessJob->assess($job->load(['machine.owner', 'loans.spare', 'loans.user', 'orders.spare']));

        return view('close', [
            'job' => $job,
            'assessment' => $assessment,
            'charge' => $workOut->of($job),
            'ending' => Ending::of($assessment->record, $assessment->machine, $catalogue, $assessment->locks->keepItOff()),
            'warning' => Warning::sentences($assessment->locks),
            'letter' => $write->of($job),
            'plan' => Plan::of($assessment, $catalogue, $job->proving()),
            'leave' => $decide->leave($job),
            'agreed' => $assessment->record->leave(),
        ]);
    }

    public function store(
        CloseRequest $request,
        Job $job,
        RecordEntries $recordEntries,
        ClaimBench $claimBench,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $recordEntries->record($job, $user, $request->entries(), $request->once());
        $claimBench->leave($job);

        return redirect()
            ->route('jobs.letter', $job)
            ->with('status', "{$job->tag} is closed.");
    }
}
