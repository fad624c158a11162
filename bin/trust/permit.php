<?php

declare(strict_types=1);

/*
 * Lives through a share of the random histories of `./satchel trust permit`, each in a world of its own in memory, and prints
 * one line of counts; what should not be is told at length. Arguments: first seed, how many.
 */

use Illuminate\Support\Facades\DB;
use Tests\Support\PermitWorld;

require dirname(__DIR__, 2).'/vendor/autoload.php';

foreach (
    [
        'APP_ENV' => 'testing',
        'APP_KEY' => 'base64:c2F0Y2hlbC1mb3ItdGVzdHMtb25seS0wMTIzNDU2Nzg=',
        'DB_DATABASE' => ':memory:',
        'CACHE_STORE' => 'array',
        'LOG_CHANNEL' => 'null',
        'QUEUE_CONNECTION' => 'sync',
    ] as $name => $value
) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
Illuminate\Support\Facades\Artisan::call('migrate', ['--force' => true]);

[$first, $count] = [(int) ($argv[1] ?? 1), max(1, (int) ($argv[2] ?? 10))];
$root = (is_writable('/dev/shm') ? '/dev/shm' : sys_get_temp_dir()).'/satchel-worlds-'.getmypid();
$total = ['histories' => 0, 'asked' => 0, 'granted' => 0, 'refused' => 0, 'formatted' => 0, 'compared' => 0, 'wrong' => 0];
for ($seed = $first; $seed < $first + $count; $seed++) {
    DB::beginTransaction();
    $world = new PermitWorld("{$root}/{$seed}", $seed);
    try {
        $world->live(20);
    } catch (Throwable $e) {
        $world->wrong[] = 'BROKE OFF: '.$e->getMessage().' at '.basename($e->getFile()).':'.$e->getLine();
    } finally {
        DB::rollBack();
        exec('rm -rf '.escapeshellarg("{$root}/{$seed}"));
    }
    $total['histories']++;
    foreach ($world->counts as $what => $n) {
        $total[$what] += $n;
    }
    if ($world->wrong !== []) {
        $total['wrong']++;
        fwrite(STDERR, "seed {$seed}: ".implode('; ', $world->wrong)."\n  ".implode("\n  ", $world->log)."\n");
    }
}
exec('rm -rf '.escapeshellarg($root));
echo json_encode($total), "\n";
