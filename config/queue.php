<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        // Someone who died over it does not keep it longer than this (seconds).
        'database' => [
            'driver' => 'database',
            'table' => 'jobs',
            'queue' => 'default',
            'retry_after' => (int) env('QUEUE_RETRY_AFTER', 90),
            'after_commit' => true,
        ],
    ],
    'failed' => ['driver' => 'database-uuids', 'database' => 'mariadb', 'table' => 'failed_jobs'],
];
