<?php

declare(strict_types=1);

namespace Tests\Support;

use Illuminate\Support\Facades\DB;

/** What somebody does who has the database in their hands. */
final class Ledger
{
    /** Takes away what keeps the entries as they are. */
    public static function unguard(): void
    {
        if (DB::getDriverName() === 'pgsql') {
            DB::statement('ALTER TABLE entries DISABLE TRIGGER USER');

            return;
        }
        foreach (DB::table('sqlite_master')->where('type', 'trigger')->where('tbl_name', 'entries')->pluck('name') as $trigger) {
            DB::statement("DROP TRIGGER {$trigger}");
        }
    }
}
