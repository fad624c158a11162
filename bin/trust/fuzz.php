<?php

declare(strict_types=1);

/* The requests of `./satchel trust fuzz`, against the demo in memory. Argument: how many. */

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\StandInDesk;
use Database\Demo\Demo;
use Tests\Support\RequestFuzz;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$folder = dirname(__DIR__, 2).'/storage/run/fuzz-'.bin2hex(random_bytes(3));
mkdir("{$folder}/pictures", 0777, true);
foreach (
    [
        'APP_ENV' => 'testing',
        'APP_KEY' => 'base64:c2F0Y2hlbC1mb3ItdGVzdHMtb25seS0wMTIzNDU2Nzg=',
        'DB_DATABASE' => ':memory:',
        'CACHE_STORE' => 'array',
        'SESSION_DRIVER' => 'array',
        'LOG_CHANNEL' => 'null',
        'QUEUE_CONNECTION' => 'sync',
        'BCRYPT_ROUNDS' => '4',
        'SATCHEL_DEMO' => 'true',
        'SATCHEL_READS_BESIDE' => 'false',
        'SATCHEL_STANDINS' => "{$folder}/standins",
        'SATCHEL_PICTURES' => "{$folder}/pictures",
    ] as $name => $value
) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();
Illuminate\Support\Facades\Artisan::call('migrate', ['--force' => true]);
config(['satchel.proof_seconds' => 0.1]);
Illuminate\Support\Facades\Bus::fake([App\Jobs\ProveCallingOrder::class]);
register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($folder)));

$job = Demo::load();
$desks = app(CardsDesk::class);
app(StandInDesk::class)->shootDay(BriefDesk::open($job->id), 2);

$runs = max(1, (int) ($argv[1] ?? 20_000));
$fuzz = new RequestFuzz(20_261_129);
echo "{$fuzz->count()} requests to begin with.\n";
$wrong = 0;
for ($done = 0; $done < $runs; $done += 500) {
    $wrong += $fuzz->run(min(500, $runs - $done));
    printf("\r%d of %d, %d ended in an error of the server ", min($runs, $done + 500), $runs, $wrong);
}
ksort($fuzz->answers);
printf(
    "\n%d requests, each harmed in one place: %s; %d errors of the server, of %d kinds.\n",
    $runs,
    implode(', ', array_map(static fn (string $k, int $n): string => "{$n} {$k}", array_keys($fuzz->answers), $fuzz->answers)),
    $wrong,
    count($fuzz->errors),
);
foreach ($fuzz->errors as $what => $example) {
    echo "  {$what}\n    {$example}\n";
}
exit($wrong === 0 ? 0 : 1);
