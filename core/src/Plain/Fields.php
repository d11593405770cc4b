<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/** Words with named fields, as "Hello {name}": which there are, and what stands for them. */
final class Fields
{
    private const FIELD = '/\{(\w+)\}/';

    /** @return list<string> names in the order they come, each once */
    public static function in(string $words): array
    {
        preg_match_all(self::FIELD, $words, $found);

        return array_values(array_unique($found[1]));
    }

    /** The first brace that belongs to no field, with what stands around it; null where there is none. */
    public static function stray(string $words): ?string
    {
        $without = (string) preg_replace(self::FIELD, '', $words);

        return preg_match('/.{0,12}[{}].{0,12}/u', $without, $found) === 1 ? trim($found[0]) : null;
    }

    /**
     * @param  array<string, string>  $facts name => what stands for it; a name with nothing to stand for it is left out
     */
    public static function fill(string $words, array $facts): string
    {
        // A fact is one line, whatever was typed for a name or a model.
        $filled = (string) preg_replace_callback(
            self::FIELD,
            fn (array $found): string => (string) preg_replace('/\s+/u', ' ', $facts[$found[1]] ?? ''),
            $words,
        );

        return trim((string) preg_replace(['/ {2,}/', '/ +\n/'], [' ', "\n"], $filled));
    }
}
