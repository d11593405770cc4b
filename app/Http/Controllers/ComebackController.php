<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MannerTold;
use App\Http\Requests\MoneyTyped;
use App\Models\Job;
use App\Models\JobFacts;
use App\Models\SupplierClaim;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Jobs\ComeBack;
use App\View\CourseInShort;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Money;

/** Machines that came back, and parts that go back. */
final class ComebackController
{
    public function index(AssessJob $assessJob): View
    {
        // Sorted by more than the bare number, so that the few that came back are looked up and not all jobs gone through.
        $back = Job::query()
            ->with(['machine.owner', 'summary'])
            ->where('comeback_of', '>', 0)
            ->orderByRaw('+jobs.id desc')
            ->simplePaginate(30);

        return view('comebacks', [
            'back' => $back,
            'firsts' => JobFacts::query()
                ->whereIn('job_id', $back->pluck('comeback_of'))
                ->get(['job_id', 'tag', 'back_after'])
                ->keyBy('job_id'),
            'partName' => fn (SupplierClaim $claim): string => $assessJob->machine($claim->job)->part($claim->part)->name,
            'claims' => SupplierClaim::query()
                ->with(['job.machine', 'order'])
                ->orderByRaw("case state when 'open' then 0 when 'sent' then 1 else 2 end")
                ->orderByRaw('next_at is not null, next_at')
                ->limit(60)
                ->get(),
        ]);
    }

    public function create(Job $job, Catalogue $catalogue, AssessJob $assessJob): View|RedirectResponse
    {
        if ($assessJob->record($job)->closing() === null) {
            return redirect()
                ->route('jobs.tag', $job)
                ->withErrors(['refused' => self::stillHere($job)]);
        }

        return view('came-back', [
            'job' => $job->load('machine.owner'),
            'reaches' => $catalogue->closedReaches(),
            'closing' => $assessJob->record($job)->closing(),
        ]);
    }

    public function store(
        Request $request,
        Job $job,
        ComeBack $comeBack,
        AssessJob $assessJob,
        Catalogue $catalogue,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        if ($assessJob->record($job)->closing() === null) {
            throw ValidationException::withMessages(['text' => self::stillHere($job)]);
        }
        $given = Validator::make(
            $request->all(),
            [
                'text' => ['required', 'string', 'max:2000'],
                'reached' => ['nullable', Rule::in(array_keys($catalogue->reaches))],
                ...MannerTold::rules(),
            ],
            ['text.*' => 'Write what the owner says, in up to 2000 letters.', 'reached.*' => 'Pick what it does, or leave it open.'],
        )
            ->after(MannerTold::check($catalogue))
            ->validate();
        $back = $comeBack->of(
            $job,
            $user,
            array_filter(['text' => $given['text'], 'reached' => $given['reached'] ?? null, ...MannerTold::of($given)]),
        );

        return redirect()
            ->route('jobs.tag', $back)
            ->with('status', "{$back->tag}: back from {$job->tag}.");
    }

    public function show(Job $job, ComeBack $comeBack, AssessJob $assessJob, Catalogue $catalogue): View
    {
        $beside = $comeBack->beside($job->load('machine.owner'));
        abort_if($beside === null, 404);

        return view('comeback', [
            'job' => $job,
            'beside' => $beside,
            'sides' => array_map(fn (Assessment $one): CourseInShort => CourseInShort::of($one, $catalogue), [
                $beside['earlier'],
                $assessJob->assess($job),
            ]),
            'untried' => $assessJob->untried($job),
        ]);
    }

    /** What was done beside: recorded on the job, and as a note on its record. */
    public function update(Request $request, Job $job, ComeBack $comeBack, #[CurrentUser] User $user): RedirectResponse
    {
        abort_if($job->comeback_of === null, 404);
        $given = $request->validate(
            [
                'blame' => ['required', Rule::in(array_keys(ComeBack::BLAME))],
                'goodwill' => ['nullable', 'string', new MoneyTyped],
                'ahead' => ['nullable', 'string', 'max:200'],
                'resale' => ['nullable', 'string', 'max:200'],
            ],
            [
                'ahead.max' => 'Keep it under 200 letters.',
                'resale.max' => 'Keep it under 200 letters.',
                'blame.*' => 'Pick one; "left open" is an answer.',
            ],
        );
        $comeBack->settle(
            $job,
            $user,
            $given['blame'],
            Money::of(($given['goodwill'] ?? '') === '' ? 0 : shop()->money()->parse($given['goodwill'])->minor),
            (string) ($given['ahead'] ?? ''),
            (string) ($given['resale'] ?? ''),
        );

        return redirect()->route('comebacks.show', $job)->with('status', 'On the record.');
    }

    private static function stillHere(Job $job): string
    {
        return "{$job->tag} is still here; it cannot have come back.";
    }
}
