<?php

declare(strict_types=1);

namespace App\View;

use App\Models\Job;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Advice\AwaitedByJob;
use DateTimeImmutable;
use Orthoscope\Core\Bench\StillOff;
use Orthoscope\Core\Bench\Timer;
use Orthoscope\Core\Bench\Timers;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\HandBack\Plan;
use Orthoscope\Core\HandBack\Progress;
use Orthoscope\Core\Words\EntryWords;

/** What a screen over a bench shows of the job that stands on it. */
final readonly class BenchWall
{
    private const OUTCOMES = 3;

    public function __construct(private AssessJob $assessJob, private Catalogue $catalogue)
    {
    }

    /** @return array<string, mixed> */
    public function of(?Job $job): array
    {
        if ($job === null) {
            return ['job' => null];
        }
        $job->load(['machine.owner', 'claim.user', 'entries']);
        $assessment = $this->assessJob->assess($job);
        $plan = Plan::of($assessment, $this->catalogue, $job->proving());
        $progress = Progress::of($assessment, $plan, AwaitedByJob::on($job)->awaited);
        $words = new EntryWords($assessment->machine, $this->catalogue);
        $entries = $assessment->record->inForce;
        $last = end($entries);
        $step = $assessment->advice->steps[0] ?? null;
        $isTested = $step !== null && $progress->next === $step->candidate->name();

        return [
            'job' => $job,
            'chain' => ChainDrawing::of($assessment, $this->catalogue),
            'locks' => [...$assessment->locks->onPower(), ...$assessment->locks->onOwnSupply()],
            'state' => $progress->state->words(),
            'next' => $progress->next,
            'outcomes' => $isTested ? array_slice($step->outcomes, 0, self::OUTCOMES) : [],
            'timers' => array_filter(
                Timers::of($assessment->record, $this->catalogue, $progress->wantsCold),
                fn (Timer $timer): bool => $timer->until > new DateTimeImmutable(now()->toIso8601String()),
            ),
            'last' => $last === false ? '' : implode(': ', array_filter([$words->what($last), $words->outcome($last)])),
            'off' => array_map(fn (StillOff $off): string => $off->words(), StillOff::in($assessment->record, $this->catalogue)),
        ];
    }
}
