<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Advice\ReweighJobs;
use App\UseCases\Parts\SpareBook;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** One spare: its story, its proofs, and where it goes. It is never deleted: it is retired. */
final class SpareController
{
    public function show(Spare $spare, Catalogue $catalogue): View
    {
        return view('spare', [
            'spare' => $spare->load(['story.job', 'story.user', 'loan.job', 'loan.user', 'reservedFor']),
            'catalogue' => $catalogue,
            'jobs' => Job::query()->open()->orderBy('tag')->limit(200)->pluck('tag'),
            'loans' => $spare
                ->loans()
                ->with(['job', 'user'])
                ->limit(30)
                ->get(),
        ]);
    }

    public function prove(
        Request $request,
        Spare $spare,
        SpareBook $book,
        ReweighJobs $reweigh,
        Catalogue $catalogue,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $given = $request->validate(
            [
                'proof' => ['required', Rule::in(array_keys($catalogue->shelf->proofsOf($spare->kind)))],
                'passed' => ['required', 'boolean'],
                'words' => ['nullable', 'string', 'max:200'],
                'steps' => [Rule::requiredIf(fn (): bool => $request->boolean('passed')), 'array'],
            ],
            [
                'proof.*' => 'Say how it was proved.',
                'passed.*' => 'Say whether it passed.',
                'steps.required' => 'Tick what was done; a proof is as good as its steps.',
            ],
        );
        $book->prove($spare, $given['proof'], (bool) $given['passed'], (string) ($given['words'] ?? ''), $user);
        $told = $given['passed'] ? 0 : $reweigh->since($spare);

        return redirect()
            ->route('spares.show', $spare)
            ->with(
                'status',
                $given['passed']
                    ? "{$spare->tag} is proved."
                    : "{$spare->tag} is in quarantine."
                        .($told > 0
                            ? " {$told} jobs stand otherwise now; their technicians are told."
                            : ' No job that relied on it stands otherwise.'),
            );
    }

    public function move(Request $request, Spare $spare, SpareBook $book, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['status' => ['required', Rule::in(['retired', 'sold', 'quarantined', 'free'])], 'words' => ['required', 'string', 'max:200']],
            ['status.*' => 'Choose what becomes of it.', 'words.required' => 'Say why, or to whom.'],
        );
        if ($given['status'] === 'sold' && ! $user->can('lead')) {
            throw ValidationException::withMessages(['status' => 'Selling is for the lead; ask.']);
        }
        if ($given['status'] === 'sold' && ($keeps = $book->notForSale($spare)) !== null) {
            throw ValidationException::withMessages(['status' => $keeps]);
        }
        if ($spare->loan !== null) {
            throw ValidationException::withMessages(['status' => "{$spare->tag} is with {$spare->loan->job->tag}. Bring it back first."]);
        }
        if ($spare->status === 'quarantined' && $given['status'] === 'free') {
            throw ValidationException::withMessages(['status' => 'Out of quarantine only by a proof.']);
        }
        $book->move($spare, $given['status'], $given['words'], $user);

        return redirect()
            ->route('spares.show', $spare)
            ->with('status', "{$spare->tag} is ".Spare::STATUSES[$given['status']].'.');
    }

    public function reserve(Request $request, Spare $spare): RedirectResponse
    {
        $given = $request->validate(
            [
                'job' => ['nullable', 'string', 'max:20'],
                'until' => ['nullable', 'required_with:job', 'date', 'after_or_equal:today', 'before:+1 year'],
            ],
            ['until.*' => 'Say until when, from today on and within a year.'],
        );
        $job = ($given['job'] ?? '') === ''
                ? null
                : Job::query()->open()->where('tag', strtoupper($given['job']))->first()
                    ?? throw ValidationException::withMessages(['job' => 'No open job has that tag.']);
        $spare->update(['reserved_for' => $job?->id, 'reserved_until' => $job === null ? null : $given['until']]);

        return redirect()
            ->route('spares.show', $spare)
            ->with('status', $job === null ? 'It is reserved for nobody.' : "Reserved for {$job->tag}.");
    }
}
