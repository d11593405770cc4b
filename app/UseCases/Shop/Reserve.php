<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Throwable;

/**
 * Room that is held ready beside the data. On a full disk a database cannot even be read, because it needs a little room to begin: then the
 * reserve is let go, people can read on and finish what they write, and the lead is told.
 */
final class Reserve
{
    /** Bytes. Origin: judgement; a day of entries takes less. */
    private const SIZE = 16 * 1024 * 1024;

    /** It is only held where so many times as much is free. */
    private const FREE = 4;

    private static function path(): string
    {
        return DataFolder::path().'/reserve';
    }

    /** Holds it, where there is room enough for it. */
    public static function hold(): void
    {
        $path = self::path();
        try {
            // What is kept in memory alone has no disk.
            if (
                str_starts_with($path, '/')
                && is_dir(dirname($path))
                && ! is_file($path)
                && disk_free_space(dirname($path)) > self::FREE * self::SIZE
            ) {
                // Not zeros: what compresses them would hold nothing.
                file_put_contents($path, random_bytes(self::SIZE));
            }
        } catch (Throwable) {
            @unlink($path);
        }
    }

    /** What the lead must know of it, in a sentence; null where there is room. */
    public static function trouble(): ?string
    {
        $free = @disk_free_space(dirname(self::path()));

        return $free === false || is_file(self::path()) || $free > self::FREE * self::SIZE
            ? null
            : 'The disk is nearly full, and its reserve is used. Make room before nothing can be written.';
    }

    /** Lets it go where the disk is full. */
    public static function letGo(): void
    {
        if (is_file(self::path())) {
            @unlink(self::path());
        }
    }
}
