<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

use InvalidArgumentException;

/** A value that a shop cannot set so; the message says between what it may stand. */
final class UnusableValue extends InvalidArgumentException
{
    public static function beside(Settable $settable, string $typed, string $least, string $most): self
    {
        return new self("\"{$typed}\" is no value for \"{$settable->name}\"; type a number from {$least} to {$most}.");
    }

    public static function unknown(string $path): self
    {
        return new self("There is no value \"{$path}\" to be set; load the page again.");
    }
}
