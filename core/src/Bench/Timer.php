<?php

declare(strict_types=1);

namespace Orthoscope\Core\Bench;

use DateTimeImmutable;

/** Something on the bench that takes its time: a drain, a machine standing till it is cold. It warns and locks nothing. */
final readonly class Timer
{
    /** @param  int  $entry the entry it runs from */
    public function __construct(
        public string $id,
        public string $name,
        public string $sentence,
        public int $entry,
        public DateTimeImmutable $until,
    ) {
    }
}
