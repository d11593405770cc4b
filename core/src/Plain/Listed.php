<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** Several things in one sentence: "the board, the supply and the card". */
final class Listed
{
    /** @param  array<string>  $words */
    public static function of(array $words): string
    {
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words)." and {$last}";
    }
}
