<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

use InvalidArgumentException;

/** A file that cannot be brought in at all; the message says what to do. */
final class UnreadableSheet extends InvalidArgumentException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
