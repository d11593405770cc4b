<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
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
            // Two writers queue up: honoured from PHP 8.4; before that UtcSQLiteConnection does it.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
];
