<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;

/** How somebody says at a bench that it is they: four digits, or a badge that is scanned. Of both only what proves them is kept. */
final class Pin
{
    public const FORM = '/^\d{4}$/';

    /** Whether four digits are too easy to guess: all the same, or a run up or down. */
    public static function isEasy(string $pin): bool
    {
        $steps = [];
        for ($i = 1; $i < strlen($pin); $i++) {
            $steps[] = (int) $pin[$i] - (int) $pin[$i - 1];
        }

        return in_array(array_unique($steps), [[0], [1], [-1]], true);
    }

    public static function set(User $person, ?string $pin): void
    {
        $person->update(['pin' => $pin === null ? null : Hash::make($pin)]);
    }

    public static function is(User $person, string $typed): bool
    {
        return $person->pin !== null && Hash::check($typed, $person->pin);
    }

    /** A new badge, said once; the one before opens nothing more. */
    public static function newBadge(User $person): string
    {
        $code = 'BADGE-'.strtoupper(Str::random(16));
        $person->update(['badge_hash' => self::hash($code)]);

        return $code;
    }

    public static function byBadge(string $scanned): ?User
    {
        return User::query()->here()->where('badge_hash', self::hash($scanned))->first();
    }

    private static function hash(string $code): string
    {
        return hash('sha256', strtoupper(trim($code)));
    }
}
