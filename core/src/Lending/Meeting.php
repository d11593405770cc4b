<?php

declare(strict_types=1);

namespace Orthoscope\Core\Lending;

use DateTimeImmutable;

/** A spare was in a machine, from one time to another; to now, if it is still there. */
final readonly class Meeting
{
    public function __construct(public string $spare, public string $job, public DateTimeImmutable $from, public ?DateTimeImmutable $to)
    {
    }
}
