<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Str;

/** What somebody who wants it types beside their password: a one-time code of their telephone, or one of their printed codes. */
final class SecondFactor
{
    private const RECOVERY_CODES = 8;

    /** @return list<string> printed codes, each of which lets in once; only their hashes are kept */
    public static function begin(User $person, string $secret): array
    {
        $codes = array_map(
            fn (): string => strtolower(Str::random(5).'-'.Str::random(5)),
            range(1, self::RECOVERY_CODES),
        );
        $person->update(['second_secret' => $secret, 'second_used' => 0, 'recovery_hashes' => array_map(self::hash(...), $codes)]);

        return $codes;
    }

    public static function end(User $person): void
    {
        $person->update(['second_secret' => null, 'second_used' => 0, 'recovery_hashes' => null]);
    }

    /** Whether a typed code is theirs; it is used up by this. */
    public static function takes(User $person, string $typed): bool
    {
        if ($person->second_secret === null) {
            return false;
        }
        $counter = (new OneTimeCode($person->second_secret))->counterOf($typed, $person->second_used, now()->getTimestamp());
        if ($counter !== null) {
            // Whoever changes the row first has it: one code opens one door.
            return User::query()
                ->whereKey($person->id)
                ->where('second_used', '<', $counter)
                ->update(['second_used' => $counter]) === 1;
        }
        $hashes = $person->recovery_hashes ?? [];
        $left = array_values(array_diff($hashes, [self::hash($typed)]));
        if (count($left) === count($hashes)) {
            return false;
        }
        $person->update(['recovery_hashes' => $left]);

        return true;
    }

    private static function hash(string $code): string
    {
        return hash('sha256', strtolower(trim($code)));
    }
}
