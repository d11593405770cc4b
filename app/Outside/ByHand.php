<?php

declare(strict_types=1);

namespace App\Outside;

use RuntimeException;

/** Nothing here can carry a message to its owner: a person says or sends it, and says so. */
final class ByHand extends RuntimeException
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }
}
