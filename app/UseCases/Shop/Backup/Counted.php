<?php

declare(strict_types=1);

namespace App\UseCases\Shop\Backup;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** How many rows there are of what matters: the same before and after a restore. */
final class Counted
{
    private const TABLES = [
        'users',
        'owners',
        'machines',
        'jobs',
        'entries',
        'spares',
        'orders',
        'quotes',
        'messages',
        'photos',
        'invoices',
    ];

    /** @return array<string, int> */
    public static function rows(?string $connection = null): array
    {
        $rows = [];
        foreach (self::TABLES as $table) {
            // An older version may lack one.
            if (Schema::connection($connection)->hasTable($table)) {
                $rows[$table] = DB::connection($connection)->table($table)->count();
            }
        }

        return $rows;
    }
}
