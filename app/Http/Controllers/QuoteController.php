<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\QuoteRequest;
use App\Models\Job;
use App\Models\Quote;
use App\Models\User;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Owners\SendQuote;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** Quotes as the shop makes them. */
final class QuoteController
{
    public function create(Request $request, Job $job, DecideJob $decide, Catalogue $catalogue): View|RedirectResponse
    {
        $variants = $decide->variants($job, (array) $request->query('options', []));
        if ($variants === []) {
            return redirect()
                ->route('jobs.decide', $job)
                ->withErrors(['options' => 'Tick at least one option for the quote.']);
        }

        return view('quote', [
            'job' => $job->load('machine.owner'),
            'variants' => $variants,
            'tax' => $catalogue->economy->tax,
            'until' => now()->addDays($catalogue->economy->validDays)->format('Y-m-d'),
        ]);
    }

    public function store(QuoteRequest $request, Job $job, SendQuote $send, #[CurrentUser] User $user): RedirectResponse
    {
        $send->send($job, $user, $request->quote());

        return redirect()->route('jobs.decide', $job)->with('status', 'The quote is on its way. It waits for the owner now.');
    }

    public function show(Job $job, Quote $quote): View
    {
        abort_if($quote->job_id !== $job->id, 404);

        return view('quote-sent', [
            'job' => $job->load('machine.owner'),
            'quote' => $quote,
            'core' => $quote->core(),
            'address' => shop()->linkTo('quote.show', $quote->token),
        ]);
    }

    public function withdraw(Job $job, SendQuote $send): RedirectResponse
    {
        $send->withdraw($job);

        return redirect()->route('jobs.decide', $job)->with('status', 'The quote is taken back; its address says so.');
    }
}
