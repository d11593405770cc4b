<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Pdf;
use App\Models\CollectNotice;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Owners\FactsForWords;
use App\UseCases\Shop\StorageDue;
use App\UseCases\Shop\Uncollected;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Fields;

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

    public function store(Request $request, Job $job, Catalogue $catalogue, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['until' => ['required', 'date_format:Y-m-d', 'after:today', 'before:+1 year'], 'job' => ['nullable', 'string']],
            ['until.*' => 'Say by which day it is to be fetched: later than today, within a year.'],
        );
        $machine = Uncollected::of($job->load(['machine.owner', 'messages']));
        $until = Carbon::parse($given['until']);
        $notice = CollectNotice::query()->create([
            'job_id' => $job->id,
            'until' => $until,
            'text' => Fields::fill(
                $catalogue->texts['uncollected']->text,
                [
                    'since' => shop()->date($machine->since),
                    'date' => shop()->date($until),
                    'day' => shop()->money()->words(StorageDue::gross(1)),
                    'fee' => self::fee($machine, $catalogue),
                ] + FactsForWords::of($job),
            ),
            'user_id' => $user->id,
        ]);

        return redirect()->route('uncollected')->with('status', "The notice for {$job->tag} is written. Print it, and post it.")
            ->with('printed', $notice->id);
    }

    public function pdf(CollectNotice $notice): Response
    {
        return response(Pdf::of('collect-notice-pdf', ['notice' => $notice->load('job.machine.owner')]), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"notice-{$notice->job->tag}.pdf\"",
        ]);
    }

    /** What storage costs, where the shop charges it; else nothing is said of it. */
    private static function fee(Uncollected $machine, Catalogue $catalogue): string
    {
        $terms = $catalogue->economy->storage;
        if ($terms->perDay === 0) {
            return '';
        }
        $from = ($machine->notices[0]->created_at ?? now())->copy()->addDays($terms->after);

        return 'From '.shop()->date($from).' we ask '.shop()->money()->words(StorageDue::gross(1)).' a day for keeping it, with tax.';
    }
}
