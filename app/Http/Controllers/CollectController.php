<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CollectRequest;
use App\Models\Invoice;
use App\Models\Job;
use App\Models\Payment;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\HandOverMachine;
use App\UseCases\Shop\StorageDue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Orthoscope\Core\Letter\Warning;
use Orthoscope\Core\Plain\Money;

/** The machine is fetched: who by, what goes with it, how it is paid. */
final class CollectController
{
    public function create(Job $job, AssessJob $assessJob): View|RedirectResponse
    {
        $record = $assessJob->record($job->load(['machine.owner', 'loans.spare']));
        if ($record->closing() === null) {
            return redirect()
                ->route('jobs.tag', $job)
                ->withErrors(['reference' => "{$job->tag} is not ready yet: it is not closed."]);
        }

        return view('collect', [
            'job' => $job,
            'record' => $record,
            'with' => CollectRequest::accessories($job),
            'price' => Money::of($record->closing()->price),
            'before' => Payment::sumFor($job),
            'storageDays' => StorageDue::days($job),
            'invoice' => Invoice::query()->inForce()->where('job_id', $job->id)->first(),
            'warning' => Warning::sentences($assessJob->assess($job)->locks),
        ]);
    }

    public function store(CollectRequest $request, Job $job, HandOverMachine $handOver, #[CurrentUser] User $user): RedirectResponse
    {
        $invoice = $handOver->handOver(
            $job,
            $user,
            $request->collection(),
            $request->once(),
            $request->to(),
            $request->storageDays(),
        );

        return $invoice === null
            ? redirect()->route('floor')->with('status', "{$job->tag} is collected.")
            : redirect()->route('invoices.show', $invoice)->with('status', "{$job->tag} is collected. This is its invoice.");
    }
}
