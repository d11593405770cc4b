<?php

declare(strict_types=1);

namespace Orthoscope\Core\Lending;

use DateTimeImmutable;

/** A spare or a machine that harm may have reached: when at the earliest, by what, and in how many steps. */
final readonly class Contact
{
    /** @param  ?string  $by what it was reached by; null where it began */
    public function __construct(public string $name, public DateTimeImmutable $at, public ?string $by, public int $steps)
    {
    }
}
