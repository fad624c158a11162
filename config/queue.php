<?php

declare(strict_types=1);

return [
    'default' => env('QUEUE_CONNECTION', 'database'),
    'connections' => [
        'sync' => ['driver' => 'sync'],
        'database' => [
            'driver' => 'database',
            'connection' => null,
            'table' => 'queued_work',
            'queue' => 'default',
            'retry_after' => 6 * 3600,
            'after_commit' => true,
        ],
    ],
    'batching' => ['database' => 'sqlite', 'table' => 'queued_batches'],
    'failed' => ['driver' => 'database-uuids', 'database' => 'sqlite', 'table' => 'failed_work'],
];
