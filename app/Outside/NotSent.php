<?php

declare(strict_types=1);

namespace App\Outside;

use RuntimeException;

/** A message did not go out; it is tried again. */
final class NotSent extends RuntimeException
{
    public static function because(string $reason): self
    {
        return new self($reason);
    }
}
