<?php

declare(strict_types=1);

namespace Orthoscope\Core\Planning;

use Orthoscope\Core\Catalogue\Lock;

/** An interlock that is on, and the entry that raised it (null if it is on from the start). */
final readonly class ActiveLock
{
    public function __construct(public Lock $lock, public ?int $raisedBy)
    {
    }
}
