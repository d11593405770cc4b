<?php

declare(strict_types=1);

namespace Orthoscope\Core\Imports;

use InvalidArgumentException;

/** A file is not the report it is said to be; the message says how to make one. */
final class UnreadableReport extends InvalidArgumentException
{
    public static function notThat(string $what, string $command): self
    {
        return new self("This is no {$what}; make it with \"{$command}\" and choose the file again.");
    }

    public static function nothingIn(string $what): self
    {
        return new self("There is nothing to judge in this {$what}: no value of those we know.");
    }

    public static function needsRoom(): self
    {
        return new self('Type the temperature of the room too: what counts is the rise over it.');
    }
}
