<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

use InvalidArgumentException;

/** What was typed is no amount of money; the message says what to type. */
final class UnreadableMoney extends InvalidArgumentException
{
    /** @param  string  $example how an amount is typed */
    public static function typed(string $typed, string $example): self
    {
        return new self("\"{$typed}\" is no amount; type a number such as 48 or {$example}.");
    }

    public static function tooMuch(string $typed): self
    {
        return new self("\"{$typed}\" is more than a repair can cost; check the point.");
    }
}
