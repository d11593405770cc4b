<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Tables whose rows are written once: the database itself refuses to change or to take them away, whoever asks. */
final class AppendOnly
{
    /** @param  string  $sentence what is said instead; without an apostrophe */
    public static function keep(string $table, string $sentence): void
    {
        match (DB::getDriverName()) {
            'sqlite' => array_map(
                fn (string $deed): bool => DB::unprepared(
                    "CREATE TRIGGER {$table}_no_{$deed} BEFORE {$deed} ON {$table} BEGIN SELECT RAISE(ABORT, '{$sentence}'); END",
                ),
                ['UPDATE', 'DELETE'],
            ),
            'pgsql' => DB::unprepared(
                <<<SQL
                CREATE FUNCTION {$table}_append_only() RETURNS trigger AS \$\$
                BEGIN RAISE EXCEPTION '{$sentence}'; END \$\$ LANGUAGE plpgsql;
                CREATE TRIGGER {$table}_append_only BEFORE UPDATE OR DELETE ON {$table}
                    FOR EACH ROW EXECUTE FUNCTION {$table}_append_only();
                CREATE TRIGGER {$table}_no_truncate BEFORE TRUNCATE ON {$table}
                    FOR EACH STATEMENT EXECUTE FUNCTION {$table}_append_only();
                SQL,
            ),
            default => throw new RuntimeException('The record can be kept in SQLite or PostgreSQL, where it can be made append-only.'),
        };
    }
}
