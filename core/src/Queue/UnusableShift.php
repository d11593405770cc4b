<?php

declare(strict_types=1);

namespace Orthoscope\Core\Queue;

use InvalidArgumentException;

final class UnusableShift extends InvalidArgumentException
{
    public static function endsBeforeItBegins(): self
    {
        return new self('A shift ends after it begins. Write when it begins first.');
    }

    public static function twice(string $person, string $from, string $to): self
    {
        return new self("{$person} is in from {$from} to {$to} on that day. Take that out first, or write what is beside it.");
    }

    public static function overnight(): self
    {
        return new self('A shift ends on its day. Write two for a night.');
    }
}
