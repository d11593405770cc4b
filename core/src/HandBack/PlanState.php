<?php

declare(strict_types=1);

namespace Orthoscope\Core\HandBack;

/** How one thing that is to be proved stands. */
enum PlanState: string
{
    case Done = 'done';
    case Failed = 'failed';
    case Owed = 'owed';
    case Locked = 'locked';

    public function words(): string
    {
        return match ($this) {
            self::Done => 'done',
            self::Failed => 'failed',
            self::Owed => 'owed',
            self::Locked => 'needs the owner\'s leave',
        };
    }
}
