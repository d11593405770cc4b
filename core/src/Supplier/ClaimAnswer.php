<?php

declare(strict_types=1);

namespace Orthoscope\Core\Supplier;

/** How a supplier answers a claim. */
enum ClaimAnswer: string
{
    case Replaced = 'replaced';
    case Refunded = 'refunded';
    case NoFaultFound = 'no-fault-found';
    case Refused = 'refused';
    case Unopened = 'unopened';

    public function words(): string
    {
        return match ($this) {
            self::Replaced => 'replaced',
            self::Refunded => 'money back',
            self::NoFaultFound => 'no fault found',
            self::Refused => 'refused',
            self::Unopened => 'sent back unopened',
        };
    }

    public function settles(): bool
    {
        return $this === self::Replaced || $this === self::Refunded;
    }
}
