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

    /** @param  list<string>  $words */
    public static function nearest(string $word, array $words): ?string
    {
        $best = null;
        $least = max(3, intdiv(strlen($word), 2)) + 1;
        foreach ($words as $candidate) {
            [$low, $known] = [strtolower($word), strtolower($candidate)];
            // What was broken off is nearer than what was misspelt.
            $distance = $low !== '' && str_starts_with($known, $low) ? 0 : levenshtein($low, $known);
            if ($distance < $least) {
                [$best, $least] = [$candidate, $distance];
            }
        }

        return $best;
    }
}
