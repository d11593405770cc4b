<?php

declare(strict_types=1);

return [
    // On one machine the shop's clock does it at once; several machines share it out to workers: docs/SEVERAL.md.
    'default' => env('QUEUE_CONNECTION', 'sync'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        // Its table is not named jobs: those are the shop's.
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'queued',
            'queue' => 'default',
            // Longer than the longest work takes: what a worker died over is given to another one.
            'retry_after' => 3700,
            'after_commit' => true,
        ],
        'redis' => [
            'driver' => 'redis',
            'connection' => 'default',
            'queue' => 'default',
            'retry_after' => 3700,
            'block_for' => null,
            'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => env('DB_CONNECTION', 'sqlite'), 'table' => 'failed_jobs'],
];
