<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** Says that a word is not in the vocabulary, and which known one is nearest. */
final class UnknownWord
{
    /** @param  list<string>  $known */
    public static function sentence(string $what, string $word, array $known): string
    {
        $nearest = self::nearest($word, $known);

        return $nearest === null
            ? "\"{$word}\" is not a known {$what}."
            : "\"{$word}\" is not a known {$what}. Did you mean \"{$nearest}\"?";
    }

    /** @param  list<string>  $known */
    private static function nearest(string $word, array $known): ?string
    {
        $best = null;
        $least = max(3, intdiv(strlen($word), 2)) + 1;
        foreach ($known as $candidate) {
            $distance = levenshtein(strtolower($word), $candidate);
            if ($distance < $least) {
                [$best, $least] = [$candidate, $distance];
            }
        }

        return $best;
    }
}
