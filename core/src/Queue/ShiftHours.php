<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use DateTimeImmutable;

/** A stretch of one day in which somebody is in. */
final readonly class ShiftHours
{
    private function __construct(public string $person, public DateTimeImmutable $from, public DateTimeImmutable $to)
    {
    }

    /** @throws UnusableShift unless it ends after it begins, on the same day */
    public static function of(string $person, DateTimeImmutable $from, DateTimeImmutable $to): self
    {
        if ($to <= $from) {
            throw UnusableShift::endsBeforeItBegins();
        }
        if ($to->format('Y-m-d') !== $from->format('Y-m-d')) {
            throw UnusableShift::overnight();
        }

        return new self($person, $from, $to);
    }

    public function day(): string
    {
        return $this->from->format('Y-m-d');
    }
}
