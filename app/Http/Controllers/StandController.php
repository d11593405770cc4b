<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ToldLaterRequest;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Letter\MayTell;

/** A job as the counter reads it: where it stands, what may be told, and what an owner adds later. Nothing of the bench is changed here. */
final class StandController
{
    public function show(Job $job, AssessJob $assessJob, Catalogue $catalogue): View
    {
        $job->load(['machine.owner', 'summary', 'claim.user', 'messages', 'entries.user']);
        $assessment = $assessJob->assess($job);

        return view('stand', [
            'job' => $job, 'assessment' => $assessment, 'catalogue' => $catalogue,
            'tell' => (new MayTell($assessment, $catalogue))->sentences(),
            'waits' => $job->state()->words(), 'once' => (string) Str::uuid(),
        ]);
    }

    public function told(ToldLaterRequest $request, Job $job, RecordEntries $recordEntries, #[CurrentUser] User $user): RedirectResponse
    {
        $recordEntries->record($job, $user, $request->reports(), $request->once());

        return redirect()->route('jobs.stand', $job)->with('status', 'On the record. The bench sees it.');
    }
}
