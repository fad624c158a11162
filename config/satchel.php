<?php

declare(strict_types=1);

return [
    /* Where the simulated cards, drives and the off-site place live. */
    'standins' => env('SATCHEL_STANDINS', storage_path('standins')),
    /* Where test pictures of spots are kept, out of reach of the web server. */
    'pictures' => env('SATCHEL_PICTURES', storage_path('app/test-pictures')),
    /* Whether the demo's buttons (shoot, mend the stand-in camera) are shown. */
    'demo' => (bool) env('SATCHEL_DEMO', false),
    /* Names under which the program may be reached, beside this machine's own; with commas between them. */
    'hosts' => env('SATCHEL_HOSTS', ''),
    /* Whether others on the network can reach it: then the demo's published password opens nothing. */
    'lan' => (bool) env('SATCHEL_LAN', false),
    /* Where phones reach it then, and the certificate that they must trust. */
    'lan_url' => env('SATCHEL_LAN_URL', ''),
    'certificate' => env('SATCHEL_CERTIFICATE', ''),
    /* Whether what was copied is read back by a process of its own, beside the copying. */
    'reads_beside' => (bool) env('SATCHEL_READS_BESIDE', true),
    /* More than so many bytes are read again in the background when a permit is asked for. */
    'reads_at_once' => 400_000_000,
    /* Where cards and drives are mounted on this machine; null for the usual places. */
    'mount_roots' => null,
    /* How long the least waiting is searched for in the background, where a page could not prove it. */
    'proof_seconds' => 120,
    /* How long it is waited before a picture that did not go through is sent again. */
    'resend_ms' => 2000,
];
