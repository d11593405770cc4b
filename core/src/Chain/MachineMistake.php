<?php

declare(strict_types=1);

namespace Orthoscope\Core\Chain;

use InvalidArgumentException;

/** What was said does not make a machine, or names a part it does not have. */
final class MachineMistake extends InvalidArgumentException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }

    public static function noPictureSource(): self
    {
        return new self('A machine without a graphics card needs a processor with its own graphics; say so, or fit a card.');
    }
}
