<?php

declare(strict_types=1);

// What was worked out by other code is not taken for what this code would work out.
$newest = 0;
foreach (['core', 'app'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(base_path($folder), FilesystemIterator::SKIP_DOTS)) as $file) {
        $newest = max($newest, (int) $file->getMTime());
    }
}

// Nor is what was worked out of other data: the demo, the owner's own and each program under test keep theirs apart.
$folder = env('SATCHEL_CACHE', storage_path(env('SATCHEL_DEMO', false) ? 'framework/cache/demo' : 'framework/cache/data'));

return [
    'default' => env('CACHE_STORE', 'file'),
    'stores' => [
        'array' => ['driver' => 'array', 'serialize' => false],
        'file' => ['driver' => 'file', 'path' => $folder, 'lock_path' => $folder],
    ],
    'prefix' => "satchel-{$newest}",
];
