<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup\Stores;

use App\UseCases\Shop\Backup\BackupFailed;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** One file with what still lies in its write-ahead file. */
final class SqliteStore implements DataStore
{
    private const IN_HAND = 'backup_in_hand';

    public function name(): string
    {
        return 'orthoscope.sqlite';
    }

    public function extension(): string
    {
        return 'pdo_sqlite';
    }

    public function isNew(): bool
    {
        return ! Schema::hasTable('migrations');
    }

    public function ill(): string
    {
        return self::check(null);
    }

    public function lost(): int
    {
        return count(DB::select('PRAGMA foreign_key_check'));
    }

    public function copyTo(string $file): void
    {
        try {
            DB::statement('VACUUM INTO ?', [$file]);
        } catch (QueryException $failed) {
            @unlink($file);
            $why = mb_strimwidth((string) $failed->getPrevious()?->getMessage(), 0, 160, '…');
            throw BackupFailed::because("The data could not be copied; is there room on the disk? It says: {$why}");
        }
    }

    public function open(string $file, callable $look): void
    {
        config(['database.connections.'.self::IN_HAND => ['database' => $file] + (array) config('database.connections.sqlite')]);
        try {
            $ill = self::check(self::IN_HAND);
            $ill === '' || throw BackupFailed::because('The database in it is broken: '.mb_strimwidth($ill, 0, 200, '…'));
            $look(self::IN_HAND);
        } finally {
            DB::purge(self::IN_HAND);
        }
    }

    public function replaceBy(string $file, string $before): string
    {
        DB::disconnect();
        // The write-ahead file belongs to the database it stands beside: both go together.
        foreach (['', '-wal', '-shm'] as $end) {
            is_file(self::file().$end) && rename(self::file().$end, "{$before}/".basename(self::file()).$end);
        }
        rename($file, self::file()) || throw BackupFailed::because(self::file()." could not be written; the old one lies in {$before}.");

        return $before;
    }

    public function asOfOneMoment(callable $read): void
    {
        if (DB::transactionLevel() > 0) {
            $read();

            return;
        }
        // By hand: a transaction of the framework waits for its turn to write.
        DB::unprepared('BEGIN');
        try {
            $read();
        } finally {
            DB::unprepared('COMMIT');
        }
    }

    public function readingIn(callable $read): void
    {
        DB::statement('PRAGMA foreign_keys = OFF');
        try {
            DB::transaction(fn () => $read());
        } finally {
            DB::statement('PRAGMA foreign_keys = ON');
        }
    }

    public function idsGoOn(): void
    {
        // They do by themselves.
    }

    private static function file(): string
    {
        return (string) config('database.connections.sqlite.database');
    }

    private static function check(?string $connection): string
    {
        $said = (string) (DB::connection($connection)->selectOne('PRAGMA integrity_check')->integrity_check ?? 'nothing');

        return $said === 'ok' ? '' : $said;
    }
}
