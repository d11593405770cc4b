<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue;

use Orthoscope\Core\Plain\UnknownWord;
use RuntimeException;

/** The catalogue cannot be used as it stands, or was asked for a word it does not hold. */
final class CatalogueMistake extends RuntimeException
{
    public static function unreadable(string $file, string $cause): self
    {
        return new self("The catalogue file {$file} cannot be read: {$cause}");
    }

    /** @param  list<string>  $known */
    public static function unknown(string $what, string $word, array $known): self
    {
        return new self(UnknownWord::sentence($what, $word, $known));
    }
}
