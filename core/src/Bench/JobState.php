<?php

declare(strict_types=1);

namespace Orthoscope\Core\Bench;

/** What a job waits for, in the order of the floor: the one vocabulary of advice, summary, plan of the day and forecast. */
enum JobState: string
{
    case SpareHere = 'spare-here';
    case Locked = 'locked';
    case FirstStart = 'first-start';
    case Find = 'find';
    case Confirm = 'confirm';
    case Repair = 'repair';
    case Answer = 'answer';
    case Part = 'part';
    case Parked = 'parked';
    case Prove = 'prove';
    case HandBack = 'hand-back';
    case Collect = 'collect';
    case Closed = 'closed';

    public function words(): string
    {
        return match ($this) {
            self::SpareHere => 'Its spare is here',
            self::Locked => 'Locked',
            self::FirstStart => 'First start',
            self::Find => 'Find it',
            self::Confirm => 'Confirm',
            self::Repair => 'Decide and repair',
            self::Answer => 'Waits for the owner',
            self::Part => 'Waits for a part',
            self::Parked => 'Parked until a spare comes',
            self::Prove => 'Prove',
            self::HandBack => 'Write the letter',
            self::Collect => 'To be collected',
            self::Closed => 'Handed back',
        };
    }

    /** The bench work that is next, also where it cannot begin yet: what waits for a part or an answer is decided, and is repaired then. */
    public function work(): self
    {
        return match ($this) {
            self::Answer, self::Part => self::Repair,
            self::HandBack => self::Prove,
            self::SpareHere, self::Parked => self::Find,
            default => $this,
        };
    }

    /** Nobody can work on it at a bench before something else has happened. */
    public function isAwayFromBench(): bool
    {
        return in_array($this, [self::Answer, self::HandBack, self::Locked, self::Parked], true);
    }

    /** It is known what is to be done, and little of it. */
    public function isNearlyDone(): bool
    {
        return in_array($this, [self::Prove, self::Confirm, self::Repair], true);
    }
}
