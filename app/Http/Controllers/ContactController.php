<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Parts\TraceContacts;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\View\View;

/** What met this machine since it could have done harm, and what that met later. */
final class ContactController
{
    public function show(Request $request, Job $job, TraceContacts $contacts): View
    {
        $since = $request->filled('since') ? rescue(fn () => Carbon::parse($request->string('since')->toString()), null, false) : null;
        $since ??= $job->arrived_at ?? $job->created_at;
        $trace = $contacts->from($job, $since);
        $harm = $contacts->harm($job);

        return view('contacts', [
            'job' => $job->load('machine.owner'),
            'since' => $since,
            'trace' => $trace,
            'harm' => $harm,
            'ruined' => $contacts->ruined($trace, $harm),
            'spares' => Spare::query()->with('loan.job')->whereIn('tag', array_keys($trace->spares))->get()->keyBy('tag'),
        ]);
    }

    public function store(Request $request, Job $job, TraceContacts $contacts, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'since' => ['required', 'date', 'before_or_equal:now'],
                'harm' => ['required', 'integer', 'min:1', 'max:100'],
                'reason' => ['required', 'string', 'max:150'],
            ],
            [
                'since.*' => 'Say since when the harm could have begun.',
                'harm.*' => 'Say in hundredths how likely it destroys what is put into it, 1 to 100.',
                'reason.required' => 'Say what did the harm.',
                'reason.max' => 'Keep it under 150 letters.',
            ],
        );
        $count = $contacts->quarantine($job, Carbon::parse($given['since']), (int) $given['harm'] / 100, $given['reason'], $user);

        return redirect()
            ->route('contacts.show', [$job, 'since' => $given['since']])
            ->with('status', "{$count} ".($count === 1 ? 'spare is' : 'spares are').' in quarantine. A proof frees each.');
    }
}
