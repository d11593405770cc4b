<?php

declare(strict_types=1);

namespace Orthoscope\Core\Diagnosis;

/** How an entry speaks about a part. */
enum Ground: string
{
    case Passed = 'passed';
    case LookedGood = 'looked-good';
    case NoChange = 'no-change';
    case Improved = 'improved';
    case CameBack = 'came-back';
    case StayedAway = 'stayed-away';
    case Seen = 'seen';

    public function words(): string
    {
        return match ($this) {
            self::Passed => 'a start got past it',
            self::LookedGood => 'looked at or measured, and found good',
            self::NoChange => 'changed, and the trouble stayed',
            self::Improved => 'changed, and the machine got further',
            self::StayedAway => 'put back, and the trouble stayed away',
            self::CameBack => 'put back, and the trouble came back',
            self::Seen => 'the fault was seen or measured',
        };
    }
}
