<?php

declare(strict_types=1);

namespace App\Models;

/** How a call ends. */
enum CallOutcome: string
{
    case Solved = 'solved';
    case Post = 'post';
    case Visit = 'visit';
    case Referred = 'referred';
    case GivenUp = 'given-up';
    case Danger = 'danger';

    public function words(): string
    {
        return match ($this) {
            self::Solved => 'Solved on the telephone',
            self::Post => 'A part goes by post',
            self::Visit => 'Booked in',
            self::Referred => 'Sent elsewhere',
            self::GivenUp => 'Left at that',
            self::Danger => 'Stopped: it may hurt someone',
        };
    }

    /** What must be said with it, as one plain question; null if nothing. */
    public function asks(): ?string
    {
        return match ($this) {
            self::Solved => 'What put it right?',
            self::Post => 'Which part goes out?',
            self::Visit => null,
            self::Referred => 'To whom, and why?',
            self::GivenUp => 'Why was it left?',
            self::Danger => null,
        };
    }
}
