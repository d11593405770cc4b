<?php

declare(strict_types=1);

namespace Orthoscope\Core\Quote;

use InvalidArgumentException;

/** A quote that cannot be made or answered; the message says why and what to do. */
final class UnusableQuote extends InvalidArgumentException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
