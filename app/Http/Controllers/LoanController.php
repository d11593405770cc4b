<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Loan;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Parts\Loans;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Evidence\CaseMistake;

/** Lends a spare to a job by its tag, and brings it back with a look and a result. */
final class LoanController
{
    public function store(Request $request, Job $job, Loans $loans, #[CurrentUser] User $user): RedirectResponse
    {
        $tag = strtoupper($request->string('tag')->trim()->toString());
        $spare = Spare::query()->where('tag', $tag)->first()
            ?? throw ValidationException::withMessages(['tag' => "There is no spare \"{$tag}\" on the shelf; scan its tag again."]);
        try {
            DB::transaction(function () use ($loans, $spare, $job, $user): void {
                $job->holdForWriting();
                $loans->lend($spare, $job, $user);
            });
        } catch (CaseMistake $mistake) {
            throw ValidationException::withMessages(['tag' => $mistake->sentence]);
        }

        return redirect()
            ->route('jobs.show', $job)
            ->with('status', "{$spare->tag} is with {$job->tag}. Say in a start where it sits.");
    }

    public function back(Request $request, Loan $loan, Loans $loans, AssessJob $assessJob, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'result' => ['required', Rule::in(array_keys(Loan::RESULTS))],
                'look' => ['accepted'],
                'words' => ['nullable', 'string', 'max:200'],
            ],
            ['result.*' => 'Say how it did.', 'look.accepted' => 'Look at its contacts, plugs and smell before it goes back, and tick it.'],
        );
        if ($loan->back_at === null) {
            $loans->bringBack($loan, $given['result'], (string) ($given['words'] ?? ''), $user, $assessJob);
        }

        return redirect()
            ->to(url()->previous(route('jobs.show', $loan->job)))
            ->with('status', "{$loan->spare->tag} is back.");
    }
}
