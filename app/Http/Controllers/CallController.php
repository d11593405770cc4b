<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BeginCallRequest;
use App\Http\Requests\CallerRequest;
use App\Http\Requests\EndCallRequest;
use App\Models\Call;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\HoldCall;
use App\UseCases\Shop\KnownOwners;
use App\UseCases\Shop\PromiseNextWord;
use App\View\CallPage;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Guide;

/** The call room: one question at a time, until there is nothing more to learn by asking. */
final class CallController
{
    public function index(): View
    {
        return view('calls', [
            'calls' => Call::query()
                ->with('job.machine.owner')
                ->whereHas('job', fn ($job) => $job->whereNull('arrived_at'))
                ->orderByDesc('updated_at')
                ->limit(100)
                ->get(),
        ]);
    }

    public function store(BeginCallRequest $request, HoldCall $calls, #[CurrentUser] User $user): RedirectResponse
    {
        return redirect()->route('calls.show', $calls->begin($user, ...$request->caller()));
    }

    public function show(Request $request, Job $job, HoldCall $calls, AssessJob $assessJob, Catalogue $catalogue): View|RedirectResponse
    {
        $job->load(['machine.owner', 'call', 'entries']);
        if ($job->call === null || $job->hasArrived()) {
            return redirect()->route('jobs.tag', $job);
        }
        if ($job->call->isOver()) {
            return view('call-ended', [
                'job' => $job,
                'call' => $job->call,
                'page' => $this->page($job, $calls, $assessJob, $catalogue, null),
            ]);
        }
        $wanted = $request->query('question');

        return view('call', [
            'job' => $job,
            'page' => $this->page($job, $calls, $assessJob, $catalogue, is_string($wanted) ? $wanted : null),
            'known' => array_map(
                KnownOwners::line(...),
                KnownOwners::like($job->machine->owner->only(['name', 'phone', 'email']), $job->machine->owner),
            ),
            'slot' => PromiseNextWord::slot()->format('Y-m-d\TH:i'),
            'parts' => array_map(fn (Guide $guide): string => $catalogue->part($guide->part)->plain, $catalogue->guides),
        ]);
    }

    public function update(CallerRequest $request, Job $job): RedirectResponse
    {
        self::mustBeOpen($job);
        $job->machine->owner->update($request->owner());
        $job->machine->update(['model' => $request->model()]);

        return redirect()->route('calls.show', $job);
    }

    public function pause(Job $job, HoldCall $calls): RedirectResponse
    {
        self::mustBeOpen($job);
        $calls->pause($job);

        return redirect()
            ->route('calls.index')
            ->with('status', "The call {$job->tag} is paused. Nothing of it is lost; open it to go on.");
    }

    public function end(EndCallRequest $request, Job $job, HoldCall $calls): RedirectResponse
    {
        self::mustBeOpen($job);
        $calls->end($job, $request->outcome(), $request->details(), $request->slot());

        return redirect()->route('calls.show', $job);
    }

    /** What was a call and is over, or has arrived, is changed on its job. */
    private static function mustBeOpen(Job $job): void
    {
        abort_if($job->call === null, 404);
        abort_if($job->hasArrived() || $job->call->isOver(), 409, "The call {$job->tag} is over.");
    }

    private function page(Job $job, HoldCall $calls, AssessJob $assessJob, Catalogue $catalogue, ?string $wanted): CallPage
    {
        return new CallPage($calls->conversation($job), $assessJob->record($job), $catalogue, $wanted);
    }
}
