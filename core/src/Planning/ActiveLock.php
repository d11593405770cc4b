<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use DateTimeImmutable;
use Orthoscope\Core\Catalogue\Lock;

/** An interlock that is on, the entry that raised it (null if it is on from the start), the check that did, and when it ends by itself. */
final readonly class ActiveLock
{
    public function __construct(
        public Lock $lock,
        public ?int $raisedBy,
        public ?DateTimeImmutable $until = null,
        public ?string $raisedByCheck = null,
    ) {
    }
}
