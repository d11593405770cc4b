<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

use Orthoscope\Core\Bench\JobState;

/** The stations of the way of a job, in their order. */
enum Station: string
{
    case TakenIn = 'taken-in';
    case FirstStart = 'first-start';
    case Find = 'find';
    case Decide = 'decide';
    case Repair = 'repair';
    case Prove = 'prove';
    case HandBack = 'hand-back';

    public function words(): string
    {
        return match ($this) {
            self::TakenIn => 'Taken in',
            self::FirstStart => 'First start',
            self::Find => 'Find the fault',
            self::Decide => 'Decide',
            self::Repair => 'Repair',
            self::Prove => 'Prove',
            self::HandBack => 'Hand back',
        };
    }

    /**
     * Where a job is.
     *
     * @param  bool  $started it was started here at least once
     * @param  bool  $agreed its owner gave leave to spend: what is decided is then repaired
     */
    public static function of(JobState $state, bool $started, bool $agreed): self
    {
        return match ($state) {
            JobState::FirstStart => self::FirstStart,
            JobState::Locked => $started ? self::Find : self::FirstStart,
            JobState::SpareHere, JobState::Find, JobState::Confirm, JobState::Parked => self::Find,
            JobState::Repair => $agreed ? self::Repair : self::Decide,
            JobState::Answer => self::Decide,
            JobState::Part => self::Repair,
            JobState::Prove => self::Prove,
            JobState::HandBack, JobState::Collect, JobState::Closed => self::HandBack,
        };
    }
}
