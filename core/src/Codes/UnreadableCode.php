<?php

declare(strict_types=1);

namespace Orthoscope\Core\Codes;

use InvalidArgumentException;

/** A code, or a row of codes, that cannot be read: one sentence that says what to write. */
final class UnreadableCode extends InvalidArgumentException
{
    public static function display(string $typed): self
    {
        return new self("\"{$typed}\" is no code of a display; type its two figures, such as 5F.");
    }

    public static function beeps(string $typed): self
    {
        return new self(
            "\"{$typed}\" cannot be read as beeps; type l for a long one and s for a short one, such as lss, or \"1 long 2 short\".",
        );
    }

    public static function lamp(string $typed): self
    {
        return new self("\"{$typed}\" cannot be read as a lamp; type its name in up to 40 letters.");
    }

    public static function inRow(int $line, string $sentence): self
    {
        return new self("Line {$line}: {$sentence}");
    }
}
