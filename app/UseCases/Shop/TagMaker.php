<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Job;

/** Makes tags that are short enough to say aloud and free of letters and digits that are mistaken for each other. */
final class TagMaker
{
    public const PATTERN = '/\b([A-HJ-NP-Z][2-9])[-· ]?([2-9]{3})\b/i';

    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ';

    public function make(): string
    {
        do {
            $tag = self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)]
                .random_int(2, 9)
                .'-'
                .random_int(2, 9)
                .random_int(2, 9)
                .random_int(2, 9);
        } while (Job::query()->where('tag', $tag)->exists());

        return $tag;
    }

    /** The tag inside something typed or scanned, such as a whole address; null if there is none. */
    public static function in(string $typed): ?string
    {
        return preg_match(self::PATTERN, $typed, $found) ? strtoupper("{$found[1]}-{$found[2]}") : null;
    }
}
