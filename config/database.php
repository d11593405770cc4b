<?php

declare(strict_types=1);

return [
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', storage_path('demo/orthoscope.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            'busy_timeout' => 15000,
            // Also what is replaced fires the triggers that keep the record append-only.
            'pragmas' => ['recursive_triggers' => 'on'],
            // A ledger must survive a power cut: write ahead, and wait until it is on the disk.
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
            // Two writers queue up: honoured from PHP 8.4; before that OneWriterSQLiteConnection does it.
            'transaction_mode' => 'IMMEDIATE',
        ],
        // For several machines behind one address: docs/RUNNING.md.
        'pgsql' => [
            'driver' => 'pgsql',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_DATABASE', 'orthoscope'),
            'username' => env('DB_USERNAME', 'orthoscope'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => env('DB_SSLMODE', 'prefer'),
            // Rows keep UTC, whatever the server's own zone.
            'timezone' => 'UTC',
        ],
    ],
];
