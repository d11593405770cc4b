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
            'busy_timeout' => 5000,
            // A ledger must survive a power cut: write ahead, and wait until it is on the disk.
            'journal_mode' => 'WAL',
            'synchronous' => 'FULL',
            // Two writers queue up instead of failing half-way.
            'transaction_mode' => 'IMMEDIATE',
        ],
    ],
];
