<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MoneyTyped;
use App\Models\Bulletin;
use App\Models\Job;
use App\Models\User;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\DecideJob;
use App\UseCases\Jobs\BuyMachines;
use App\UseCases\Parts\OrderParts;
use DateTimeImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Economy\Refurbish;
use Orthoscope\Core\Economy\Worth;

/** Machines of the shop's own: bought, shared out, and built or broken up by what the evidence says. */
final class OwnMachineController
{
    public function index(AssessJob $assessJob, DecideJob $decide, Catalogue $catalogue): View
    {
        $jobs = Job::query()
            ->with(['machine.owner', 'summary'])
            ->whereNotNull('own')
            ->orderByDesc('id')
            ->limit(50)
            ->get();

        return view('own', [
            'jobs' => $jobs,
            'bulletins' => Bulletin::query()->inForce()->orderBy('model')->limit(20)->get(),
            'adds' => $jobs
                ->take(10)
                ->mapWithKeys(fn (Job $job): array => [$job->id => $this->refurbish($job, $assessJob, $decide, $catalogue)]),
        ]);
    }

    public function store(Request $request, BuyMachines $buy, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'models' => ['required', 'string', 'max:600'],
                'paid' => ['required', 'string', new MoneyTyped],
                'from' => ['required', 'string', 'max:120'],
                'said' => ['nullable', 'string', 'max:500'],
                'memory_type' => ['nullable', 'string', 'max:12'],
                'socket' => ['nullable', 'string', 'max:20'],
                'return_days' => ['nullable', 'integer', 'min:0', 'max:365'],
            ],
            [
                'models.*' => 'Name each machine on a line of its own.',
                'from.*' => 'Say who sold it.',
                'paid.required' => 'Type what was paid for all of them.',
                'return_days.*' => 'Give whole days, 0 to 365, or leave it open.',
                'said.max' => 'Keep it under 500 letters.',
            ],
        );
        $models = array_slice(array_values(array_filter(array_map(trim(...), explode("\n", $given['models'])))), 0, 8);
        if ($models === []) {
            return back()
                ->withInput()
                ->withErrors(['models' => 'Name each machine on a line of its own.']);
        }
        $days = $given['return_days'] ?? null;
        $jobs = $buy->buy(
            $user,
            array_map(
                fn (string $model): array => BuyMachines::unseen(
                    mb_substr($model, 0, 120),
                    $given['memory_type'] ?? '',
                    $given['socket'] ?? '',
                ),
                $models,
            ),
            shop()->money()->parse($given['paid'])->minor,
            $given['from'],
            (string) ($given['said'] ?? ''),
            $days === null ? null : Carbon::today()->addDays((int) $days),
        );

        return redirect()
            ->route('own')
            ->with(
                'status',
                implode(', ', array_map(fn (Job $job): string => $job->tag, $jobs)).': ours now, each with its share of the price.',
            );
    }

    public function show(Job $job, AssessJob $assessJob, DecideJob $decide, Catalogue $catalogue, OrderParts $orders): View
    {
        abort_if($job->own === null, 404);

        return view('own-machine', [
            'job' => $job->load(['machine.owner', 'orders']),
            'sum' => $this->refurbish($job, $assessJob, $decide, $catalogue),
            'value' => Worth::whenNew($assessJob->machine($job)),
            'heldFor' => $orders->heldFor(...),
        ]);
    }

    private function refurbish(Job $job, AssessJob $assessJob, DecideJob $decide, Catalogue $catalogue): Refurbish
    {
        $until = $job->own['return_until'] ?? null;

        return Refurbish::of(
            $assessJob->assess($job),
            $catalogue,
            (int) ($job->own['paid'] ?? 0),
            $decide->costNow($job),
            new DateTimeImmutable(now()->toIso8601String()),
            $until === null ? null : new DateTimeImmutable($until),
        );
    }
}
