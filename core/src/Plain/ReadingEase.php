<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/**
 * How easy a text reads, by Flesch 1948: 206.835 - 1.015 words to a sentence - 84.6 syllables to a word (from memory). 60 and more is
 * plain. Syllables are counted by groups of vowels, with the silent endings of English taken off: right for most words, not for all.
 */
final readonly class ReadingEase
{
    private function __construct(public int $sentences, public int $words, public int $syllables)
    {
    }

    public static function of(string $text): self
    {
        // A point inside a number or a tag ends no sentence; a line of its own does.
        $sentences = array_filter(
            preg_split('/(?<=[.!?])["”’)]*\s+|\n+/u', trim($text)) ?: [],
            fn (string $one): bool => preg_match('/\p{L}/u', $one) === 1,
        );
        preg_match_all("/\p{L}+(?:['’-]\p{L}+)*/u", $text, $words);
        $syllables = array_sum(array_map(self::syllables(...), $words[0]));

        return new self(count($sentences), count($words[0]), $syllables);
    }

    public function score(): float
    {
        return $this->words === 0
            ? 100.0
            : 206.835 - (1.015 * $this->words) / max(1, $this->sentences) - (84.6 * $this->syllables) / $this->words;
    }

    public static function syllables(string $word): int
    {
        $plain = mb_strtolower((string) preg_replace("/['’].*$/u", '', $word));
        if (str_contains($plain, '-')) {
            return array_sum(array_map(self::syllables(...), explode('-', $plain)));
        }
        $count = preg_match_all('/[aeiouyàâäéèêëíîïóôöúûü]+/u', $plain);
        // "made", "lines", "tried" and "looked" end in a vowel that is not said; "table", "needed" and "pages" in one that is.
        if (preg_match('/[^aeiouyl]e$|[aeiouy]le$|[^aeiouydt]ed$|[^aeiouysxzcghl]es$|[aeiouy]les$/u', $plain) === 1) {
            $count--;
        }

        return max(1, $count);
    }
}
