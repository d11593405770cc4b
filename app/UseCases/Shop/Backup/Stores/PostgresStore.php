<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup\Stores;

use App\UseCases\Shop\Backup\BackupFailed;
use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Facades\Schema;

/** A database of a PostgreSQL server. Copies are made and read by the programs that come with it; its user may create databases. */
final class PostgresStore implements DataStore
{
    private const IN_HAND = 'backup_in_hand';

    /** Seconds that a copy may take. Origin: judgement. */
    private const PATIENCE = 3600;

    public function name(): string
    {
        return 'orthoscope.pgdump';
    }

    public function extension(): string
    {
        return 'pdo_pgsql';
    }

    public function isNew(): bool
    {
        return ! Schema::hasTable('migrations');
    }

    /** The server looks after its own pages; a row that cannot be read shows where the record and the rows are counted. */
    public function ill(): string
    {
        return '';
    }

    /** Constraints are looked at by the server whenever a row is written, and none is ever put off. */
    public function lost(): int
    {
        return 0;
    }

    public function copyTo(string $file): void
    {
        $this->run(['pg_dump', '--format=custom', '--no-owner', '--no-privileges', "--file={$file}"], $this->database());
    }

    public function open(string $file, callable $look): void
    {
        $scratch = $this->beside('drill');
        try {
            $this->fill($scratch, $file);
            config(['database.connections.'.self::IN_HAND => ['database' => $scratch] + $this->configured()]);
            $look(self::IN_HAND);
        } finally {
            DB::purge(self::IN_HAND);
            $this->server(fn (Connection $server) => $server->statement("DROP DATABASE IF EXISTS \"{$scratch}\""));
        }
    }

    public function replaceBy(string $file, string $before): string
    {
        $new = $this->beside('restoring');
        $this->fill($new, $file);
        $database = $this->database();
        $old = $this->beside('before');
        DB::disconnect();
        $this->server(function (Connection $server) use ($database, $old, $new): void {
            // Whoever is connected keeps the name from being changed; their next question connects anew.
            $server->select('SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = ?', [$database]);
            $server->statement("ALTER DATABASE \"{$database}\" RENAME TO \"{$old}\"");
            $server->statement("ALTER DATABASE \"{$new}\" RENAME TO \"{$database}\"");
        });

        return "{$before}, and the database {$old}";
    }

    public function asOfOneMoment(callable $read): void
    {
        if (DB::transactionLevel() > 0) {
            $read();

            return;
        }
        // By hand: a transaction of the framework waits for its turn to write.
        DB::unprepared('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
        try {
            $read();
        } finally {
            DB::unprepared('COMMIT');
        }
    }

    public function readingIn(callable $read): void
    {
        DB::transaction(function () use ($read): void {
            $read();
            $this->idsGoOn();
        });
    }

    public function idsGoOn(): void
    {
        foreach (DB::select("SELECT table_name AS name FROM information_schema.columns WHERE column_default LIKE 'nextval(%'") as $table) {
            DB::select(
                "SELECT setval(pg_get_serial_sequence(?, 'id'), coalesce((SELECT max(id) FROM \"{$table->name}\"), 0) + 1, false)",
                [$table->name],
            );
        }
    }

    /** A database beside this one, filled from a copy. */
    private function fill(string $name, string $file): void
    {
        $this->server(fn (Connection $server) => $server->statement("CREATE DATABASE \"{$name}\""));
        $this->run(['pg_restore', '--no-owner', '--no-privileges', '--exit-on-error', $file], $name);
    }

    private function beside(string $why): string
    {
        return substr($this->database(), 0, 30)."_{$why}_".now()->format('Ymd_His').'_'.bin2hex(random_bytes(3));
    }

    /** @param  callable(Connection): mixed  $do what is asked of the server, and of none of its databases */
    private function server(callable $do): void
    {
        config(['database.connections.server' => ['database' => 'postgres'] + $this->configured()]);
        try {
            $do(DB::connection('server'));
        } finally {
            DB::purge('server');
        }
    }

    /** @param  non-empty-list<string>  $command */
    private function run(array $command, string $database): void
    {
        $at = $this->configured();
        $said = $this->started($command, $database, $at);
        $why = trim($said->errorOutput()) ?: 'is it installed (postgresql-client)?';
        $said->successful() || throw BackupFailed::because("{$command[0]} did not do it: ".mb_strimwidth($why, 0, 300, '…'));
    }

    /**
     * @param  non-empty-list<string>  $command
     * @param  array<string, mixed>  $at
     */
    private function started(array $command, string $database, array $at): ProcessResult
    {
        return Process::timeout(self::PATIENCE)
            ->env(['PGPASSWORD' => (string) $at['password'], 'PGSSLMODE' => (string) $at['sslmode']])
            ->run([
                $command[0], "--host={$at['host']}", "--port={$at['port']}", "--username={$at['username']}", "--dbname={$database}",
                '--no-password', ...array_slice($command, 1),
            ]);
    }

    private function database(): string
    {
        return (string) $this->configured()['database'];
    }

    /** @return array<string, mixed> */
    private function configured(): array
    {
        return (array) config('database.connections.pgsql');
    }
}
