<?php

declare(strict_types=1);

use App\Devices\EditorsDesk;
use App\Devices\NotDelivered;
use App\Models\Wrap\EditorsDeskRecord;
use Tests\Support\RunningSatchel;
use Tests\Support\SftpServer;

/** So many pictures to a real server of this machine, over a link of 2 MB/s that breaks every 20 seconds: each whole, none twice. */
function sendOverABadLink(int $runs, string $folder): bool
{
    mkdir($folder, 0777, true);
    $server = SftpServer::in($folder);
    $port = RunningSatchel::freePort();
    $link = proc_open([PHP_BINARY, __DIR__.'/link.php', (string) $port, (string) $server->port, '2000000', '20'], [], $pipes);
    usleep(300_000);
    $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    $record = new EditorsDeskRecord([
        'kind' => 'sftp', 'path' => "{$folder}/there", 'host' => '127.0.0.1', 'port' => $port, 'user' => $server->user(),
        'secret' => $server->privateKey(),
    ]);
    $sent = [];
    $breaks = 0;
    $started = microtime(true);
    mt_srand(7);
    for ($i = 1; $i <= $runs; $i++) {
        $bytes = random_bytes(mt_rand(40_000, 200_000));
        for ($try = 0; $try < 40; $try++) {
            try {
                $name = EditorsDesk::of($record)->deliver(sprintf('NSA_%04d.jpg', $i), $bytes);
                $sent[$name] = hash('sha256', $bytes);
                break;
            } catch (NotDelivered) {
                $breaks++;
                usleep(100_000);
            }
        }
    }
    $seconds = microtime(true) - $started;
    proc_terminate($link);
    proc_close($link);
    $server->stop();
    $there = [];
    foreach (glob("{$folder}/there/*.jpg") ?: [] as $file) {
        $there[basename($file)] = (string) hash_file('sha256', $file);
    }
    ksort($sent);
    ksort($there);
    $isSame = $sent === $there && count($there) === $runs;
    $said = $isSame ? ', none twice' : ', BUT something is missing, twice or other';
    $whole = count(array_intersect_assoc($sent, $there));
    printf("%d of %d pictures are there, each as it was sent%s; %d tries were cut off; %.0f s.\n", $whole, $runs, $said, $breaks, $seconds);

    return $isSame;
}
