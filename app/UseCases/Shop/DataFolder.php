<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use Illuminate\Support\Facades\DB;

/** Where what the shop keeps lies on this machine: its rows too, unless a server has them. */
final class DataFolder
{
    public static function path(): string
    {
        return DB::getDriverName() === 'sqlite'
            ? dirname((string) config('database.connections.sqlite.database'))
            : storage_path();
    }
}
