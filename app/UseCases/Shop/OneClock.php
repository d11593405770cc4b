<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Illuminate\Support\Facades\DB;

/**
 * However many clocks are started, on one machine or on several, one goes round. It keeps that right until its process ends, also where it
 * is killed: the next one then takes over.
 */
final class OneClock
{
    /** Any number that nothing else of this database takes for its lock. */
    public const CLOCK = 0x0574_05C1;

    /** @var ?resource */
    private $file = null;

    public function isMine(): bool
    {
        if (DB::getDriverName() === 'pgsql') {
            return (bool) DB::scalar('SELECT pg_try_advisory_lock(?)', [self::CLOCK]);
        }
        $folder = DataFolder::path();
        // What is kept in memory alone is nobody else's.
        if (! str_starts_with($folder, '/')) {
            return true;
        }
        $this->file ??= @fopen("{$folder}/clock.lock", 'c') ?: null;

        // Where no file can be made, on a full disk, a clock that goes twice is better than none.
        return $this->file === null || flock($this->file, LOCK_EX | LOCK_NB);
    }
}
