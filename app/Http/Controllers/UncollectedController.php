<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PdfPage;
use App\Models\CollectNotice;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Owners\WriteCollectNotice;
use App\UseCases\Shop\Uncollected;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** Machines nobody fetches: dated notices by the shop's terms. What follows from them, the local law decides. */
final class UncollectedController
{
    /** Days that a notice gives, where nobody says otherwise. Origin: judgement. */
    private const DAYS = 21;

    public function index(Catalogue $catalogue): View
    {
        return view('uncollected', [
            'machines' => Uncollected::all(),
            'terms' => $catalogue->economy->storage,
            'until' => now()->addDays(self::DAYS)->format('Y-m-d'),
        ]);
    }

    public function store(Request $request, Job $job, WriteCollectNotice $write, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['until' => ['required', 'date_format:Y-m-d', 'after:today', 'before:+1 year'], 'job' => ['nullable', 'string']],
            ['until.*' => 'Say by which day it is to be fetched: later than today, within a year.'],
        );
        $notice = $write->write($job, Carbon::parse($given['until']), $user);

        return redirect()->route('uncollected')->with('status', "The notice for {$job->tag} is written. Print it, and post it.")
            ->with('printed', $notice->id);
    }

    public function pdf(CollectNotice $notice): Response
    {
        return PdfPage::shown('collect-notice-pdf', ['notice' => $notice->load('job.machine.owner')], "notice-{$notice->job->tag}");
    }
}
