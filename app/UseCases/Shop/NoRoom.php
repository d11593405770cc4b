<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use RuntimeException;

/** A file could not be kept whole. */
final class NoRoom extends RuntimeException
{
    public static function for(string $what): self
    {
        return new self(
            "{$what} could not be kept: the disk is full, or cannot be written. Nothing of it was kept; try again once there is room.",
        );
    }
}
