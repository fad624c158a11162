<?php

declare(strict_types=1);

// What was worked out by other code is not taken for what this code would work out.
$newest = 0;
foreach (['core', 'app'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
        $newest = max($newest, (int) $file->getMTime());
    }
}

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache/data'), 'lock_path' => storage_path('framework/cache/data')],
    ],
    'prefix' => "satchel-{$newest}",
];
