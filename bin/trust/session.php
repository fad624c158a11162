<?php

declare(strict_types=1);

use App\Devices\StandIn\StandInCapture;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Copies\Destination;
use App\Models\Copies\SessionFolder;
use NorthSatchel\Copies\BagLayout;
use Tests\Support\BoardPictures;

/**
 * A session folder in which 5,000 files lie already is watched by a process of its own, while a stand-in for a capture program writes so
 * many frames into it in pieces: when each is on the automatic drive after it was whole, and whether any stood there before.
 */
function watchASession(int $runs, string $folder): bool
{
    foreach (['session', 'automatic', 'hand'] as $name) {
        mkdir("{$folder}/{$name}", 0777, true);
    }
    for ($i = 0; $i < 5000; $i++) {
        file_put_contents(sprintf('%s/session/old_%04d.txt', $folder, $i), "old {$i}");
    }
    touch("{$folder}/data.sqlite");
    $own = ['DB_DATABASE' => "{$folder}/data.sqlite", 'SATCHEL_STANDINS' => $folder, 'CACHE_STORE' => 'array'];
    array_walk($own, static fn (string $value, string $name): bool => putenv("{$name}={$value}"));
    $_ENV = [...$_ENV, ...$own];
    $_SERVER = [...$_SERVER, ...$own];
    $app = require dirname(__DIR__, 2).'/bootstrap/app.php';
    $app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
    config(['database.connections.sqlite.database' => "{$folder}/data.sqlite"]);
    Illuminate\Support\Facades\Artisan::call('migrate', ['--force' => true]);
    $place = Place::query()->create(['name' => 'Studio', 'timezone' => 'Europe/Stockholm']);
    $job = Job::query()->create([
        'name' => 'Session', 'kind' => 'commercial', 'place_id' => $place->id, 'date' => date('Y-m-d'), 'covered_from' => '08:00',
        'covered_to' => '18:00',
    ]);
    $drive = static fn (string $name): int => Destination::query()->create([
        'name' => $name, 'folder' => "{$folder}/{$name}", 'kept' => 'home', 'device_kind' => 'ssd', 'mb_per_s' => 100, 'route' => 'this program',
    ])->id;
    SessionFolder::query()->create([
        'job_id' => $job->id, 'folder' => "{$folder}/session", 'automatic_id' => $drive('automatic'), 'by_hand_id' => $drive('hand'),
    ]);
    $log = ['file', "{$folder}/watch.log", 'w'];
    $watch = proc_open([PHP_BINARY, dirname(__DIR__, 2).'/artisan', 'satchel:watch'], [1 => $log, 2 => $log], $pipes);
    $target = "{$folder}/automatic/session-session";
    $there = static fn (): int => count(glob("{$target}/old_*.txt") ?: []);
    for ($wait = 0; $there() < 5000 && $wait < 1200; $wait++) {
        usleep(250_000);
    }
    printf("5,000 files that lay there: %d on the drive after %.0f s.\n", $there(), $wait / 4);
    $capture = new StandInCapture("{$folder}/session", 60_000);
    $jpeg = BoardPictures::jpeg(['x'], 1200, 800);
    $late = [];
    $early = 0;
    for ($i = 1; $i <= $runs; $i++) {
        $name = sprintf('frame_%04d.jpg', $i);
        $bytes = substr($jpeg, 0, 2)."\xFF\xFE".pack('n', 6).sprintf('%04d', $i).substr($jpeg, 2);
        $capture->write($name, $bytes);
        $early += is_file("{$target}/{$name}") ? 1 : 0;
        $whole = microtime(true);
        while (! is_file("{$target}/{$name}") && microtime(true) - $whole < 20) {
            usleep(10_000);
        }
        $late[] = microtime(true) - $whole;
        $early += (string) @file_get_contents("{$target}/{$name}") === $bytes ? 0 : 1;
    }
    proc_terminate($watch);
    proc_close($watch);
    sort($late);
    $half = array_filter(
        glob("{$target}/*") ?: [],
        static fn (string $f): bool => str_ends_with($f, BagLayout::PARTIAL) || str_ends_with($f, '.tmp'),
    );
    printf(
        "%d frames: on the drive %.1f s after they were whole (half of them), %.1f s at the latest; %d too early or other; %d half files.\n",
        $runs,
        $late[intdiv($runs, 2)],
        end($late),
        $early,
        count($half),
    );

    return $early === 0 && $half === [] && end($late) < 2.0;
}
