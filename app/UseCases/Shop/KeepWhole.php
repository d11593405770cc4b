<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Illuminate\Support\Facades\Storage;
use Throwable;

/** Keeps a file whole or not at all: what was written is measured, and what is half is taken away again. */
final class KeepWhole
{
    /** @throws NoRoom */
    public static function put(string $path, string $bytes, string $what): void
    {
        try {
            $whole = Storage::put($path, $bytes) !== false && Storage::size($path) === strlen($bytes);
        } catch (Throwable) {
            $whole = false;
        }
        if (! $whole) {
            rescue(fn () => Storage::delete($path), report: false);
            throw NoRoom::for($what);
        }
    }
}
