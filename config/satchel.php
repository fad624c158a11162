<?php

declare(strict_types=1);

return [
    /* Where the simulated cards, drives and the off-site place live. */
    'standins' => env('SATCHEL_STANDINS', storage_path('standins')),
    /* Where test pictures of spots are kept, out of reach of the web server. */
    'pictures' => env('SATCHEL_PICTURES', storage_path('app/test-pictures')),
    /* Whether the demo's buttons (shoot, mend the stand-in camera) are shown. */
    'demo' => (bool) env('SATCHEL_DEMO', false),
    /* How many verified copies on different devices a frame needs before its card may be formatted. */
    'copies_before_format' => 2,
    /* How long the least waiting is searched for in the background, where a page could not prove it. */
    'proof_seconds' => 120,
];
