<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => 60 * 24,
    'expire_on_close' => false,
    'encrypt' => false,
    // Who is signed in to the demo is nobody to data of one's own.
    'files' => storage_path(env('SATCHEL_DEMO', false) ? 'framework/sessions-demo' : 'framework/sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [2, 100],
    'cookie' => 'satchel_session',
    'path' => '/',
    'domain' => null,
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
