<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TakeInRequest;
use App\Models\Bulletin;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\HoldCall;
use App\UseCases\Jobs\TakeInMachine;
use App\UseCases\Shop\PromiseNextWord;
use App\View\CallPage;
use App\View\CounterAsks;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** The machine of a call comes in: what is seen now beside what was said. */
final class ArrivalController
{
    public function create(Request $request, Job $job, HoldCall $calls, AssessJob $assessJob, Catalogue $catalogue): View|RedirectResponse
    {
        $job->load(['machine.owner', 'call']);
        if ($job->call === null || $job->hasArrived()) {
            return redirect()->route('jobs.tag', $job);
        }

        return view('intake', [
            'catalogue' => $catalogue,
            'asks' => CounterAsks::after((array) $request->old(), $catalogue),
            'halves' => collect(),
            'call' => $job,
            'nextWord' => PromiseNextWord::for(),
            'waiting' => 0,
            'bulletins' => Bulletin::query()->inForce()->orderByDesc('id')->limit(8)->get(),
            'said' => new CallPage($calls->conversation($job), $assessJob->record($job), $catalogue, null),
        ]);
    }

    public function store(TakeInRequest $request, Job $job, TakeInMachine $takeInMachine, #[CurrentUser] User $user): RedirectResponse
    {
        abort_if($job->hasArrived(), 409, "{$job->tag} has arrived already.");
        $takeInMachine->arrive(
            $job,
            $user,
            $request->owner(),
            $request->madeOf(),
            $request->reports(),
            $request->agreed(),
            $request->known(),
        );

        return redirect()
            ->route('jobs.tag', $job)
            ->with('status', "{$job->tag} has arrived. Put the tag on the machine.");
    }
}
