<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Code128;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\RecordEntries;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\CaseMistake;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\ResultCard;

/** Results that are scanned where hands are busy: the sheet of cards, and what a scanned one puts on the record. */
final class ResultCardController
{
    public function index(Catalogue $catalogue): View
    {
        $cards = ResultCard::all($catalogue);

        return view('result-cards', ['cards' => collect($cards)->groupBy('item'), 'bars' => Code128::svg(...)]);
    }

    public function store(
        Request $request,
        Job $job,
        Catalogue $catalogue,
        AssessJob $assessJob,
        RecordEntries $recordEntries,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(
            ['code' => ['required', 'string', 'max:60'], 'once' => ['nullable', 'string', 'max:60']],
            ['code.*' => 'Scan a result card, or type what stands under its bars.'],
        );
        try {
            $card = ResultCard::read($given['code'], $catalogue);
            $recordEntries->record(
                $job,
                $user,
                [$card->entry(Plan::of($assessJob->assess($job), $catalogue, $job->proving()))],
                $given['once'] ?? null,
            );
        } catch (CaseMistake $mistake) {
            return redirect()
                ->route('jobs.prove', $job)
                ->withInput()
                ->withErrors(['code' => $mistake->sentence]);
        }

        return redirect()
            ->route('jobs.prove', $job)
            ->with('status', "On the record: {$card->said()}.");
    }
}
