<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Bench\JobState;
use Orthoscope\Core\SetUp\Temperature;

/** Where a job stands: what it waits for, and what comes next, in words. */
final readonly class Progress
{
    /** Steps among which a cold start must be for the machine to be left standing. Origin: judgement. */
    private const COLD_AMONG = 4;

    private function __construct(public JobState $state, public string $next, public bool $wantsCold)
    {
    }

    public static function of(Assessment $assessment, Plan $plan, Awaited $awaited): self
    {
        return new self(
            self::state($assessment, $plan, $awaited),
            $awaited->words() ?? self::next($assessment, $plan),
            self::wantsCold($assessment),
        );
    }

    private static function state(Assessment $assessment, Plan $plan, Awaited $awaited): JobState
    {
        return match (true) {
            $assessment->record->collection() !== null => JobState::Closed,
            $assessment->record->closing() !== null => JobState::Collect,
            $assessment->locks->powerIsLocked() => JobState::Locked,
            $assessment->record->lastStart() === null => JobState::FirstStart,
            $awaited->answer => JobState::Answer,
            $awaited->part !== null => JobState::Part,
            $awaited->spareHere !== null => JobState::SpareHere,
            $awaited->parked !== null => JobState::Parked,
            $plan->isComplete() => JobState::HandBack,
            $assessment->proof->isComplete() => JobState::Prove,
            $assessment->advice->state === JobState::Locked => JobState::Find,
            default => $assessment->advice->state,
        };
    }

    private static function next(Assessment $assessment, Plan $plan): string
    {
        $advice = $assessment->advice;

        return match (true) {
            $plan->isComplete() => 'Close the job',
            $assessment->proof->isComplete() => $plan->owed()[0]->item->name,
            $advice->state === JobState::Prove => $assessment->proof->nextPlace()->deed ?? 'Prove it in the case',
            $advice->left => 'Tell the owner that it runs here',
            $advice->state === JobState::Repair && $advice->repair !== null => ucfirst($advice->repair->name()),
            ! isset($advice->steps[0]) => '',
            ! $advice->steps[0]->isOpen() => self::whatUnlocks($assessment),
            default => $advice->steps[0]->candidate->name(),
        };
    }

    /** Nothing can be done before this: no step that is locked is called the next. */
    private static function whatUnlocks(Assessment $assessment): string
    {
        $active = array_values($assessment->locks->active)[0] ?? null;

        return $active === null ? '' : $active->lock->unlock;
    }

    /** A cold start is among the steps that come first. */
    public static function wantsCold(Assessment $assessment): bool
    {
        foreach (array_slice($assessment->advice->steps, 0, self::COLD_AMONG) as $step) {
            if ($step->candidate->setUp?->temperature === Temperature::Cold) {
                return true;
            }
        }

        return false;
    }
}
