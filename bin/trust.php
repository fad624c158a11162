<?php

declare(strict_types=1);

/*
 * Tests of trust, each by one command.
 *
 * ./satchel trust crash [--runs 200]   kills the copier at random points (SIGKILL) and lets it go on: every run must end
 *                                      whole, the card untouched byte for byte, and no bag valid before it is finished
 * ./satchel trust flip [--runs 500]    turns one random bit in each of so many bags: every one must be found
 * ./satchel trust permit [--runs 10000] [--from 1]   random histories of three cards, four drives and two jobs: the permit beside a
 * reference
 *                                      that looks at every byte, and beside `satchel permit`
 * ./satchel trust day [--runs 10000] [--from 1]   random days of three phones with clocks up to ten minutes off, taps doubled, delayed and
 *                                      reordered: the same day on every phone at the end, and no tap lost
 * ./satchel trust send [--runs 500]   pictures to a real server over a link of 2 MB/s that breaks every 20 s: each whole, none twice
 * ./satchel trust session [--runs 40]   frames written in pieces into a session folder of 5,000 files: each on the drive within 2 s of
 *                                      being whole, none before
 * ./satchel trust boards [--runs 100] [--from 1]   number boards in harmed pictures: 95 of 100 read, none as another
 * ./satchel trust fuzz [--runs 20000]  well-formed requests to every route, harmed one field at a time: none may end in a server
 *                                      error, none may change what it was refused for
 */

require dirname(__DIR__).'/vendor/autoload.php';

use Tests\Support\RandomDays;

require __DIR__.'/trust/boards.php';
require __DIR__.'/trust/send.php';
require __DIR__.'/trust/session.php';

$what = $argv[1] ?? '';
$at = array_search('--runs', $argv, true);
$usual = ['crash' => 200, 'flip' => 500, 'permit' => 10_000, 'fuzz' => 20_000, 'day' => 10_000, 'send' => 500, 'session' => 40, 'boards' => 100];
$runs = max(1, (int) ($at === false ? $usual[$what] ?? 1 : $argv[$at + 1]));
$at = array_search('--from', $argv, true);
$from = max(1, (int) ($at === false ? 1 : $argv[$at + 1]));
$folder = dirname(__DIR__).'/storage/run/trust-'.bin2hex(random_bytes(3));
$satchel = dirname(__DIR__).'/satchel';

function days(int $runs, int $from): bool
{
    $wrong = 0;
    for ($seed = $from; $seed < $from + $runs; $seed++) {
        $said = RandomDays::run($seed);
        if ($said !== null && ++$wrong <= 5) {
            echo "Day {$seed}: {$said}\n";
        }
    }
    echo "{$runs} days of three phones: {$wrong} that differ or lost a tap.\n";

    return $wrong === 0;
}

/** @return string what the files of a folder are, names and contents */
function fingerprint(string $folder): string
{
    $lines = [];
    /** @var SplFileInfo $file */
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file) {
        $lines[] =
            substr($file->getPathname(), strlen($folder)).' '.hash_file('sha256', $file->getPathname()).' '.$file->getMTime();
    }
    sort($lines);

    return hash('sha256', implode("\n", $lines));
}

function makeCard(string $card, int $frames, int $kb): void
{
    mkdir("{$card}/DCIM/100OSTVK", 0777, true);
    for ($i = 1; $i <= $frames; $i++) {
        file_put_contents(sprintf('%s/DCIM/100OSTVK/OSTV%04d.DNG', $card, $i), random_bytes($kb * 1024));
    }
}

/** @param  list<string>  $command */
function start(array $command): mixed
{
    $null = ['file', '/dev/null', 'w'];
    $pipes = [];

    return proc_open($command, [['file', '/dev/null', 'r'], $null, $null], $pipes) ?: throw new RuntimeException('It did not start.');
}

/** @param  list<string>  $command */
function run(array $command): int
{
    $process = start($command);
    while (($state = proc_get_status($process))['running']) {
        usleep(2000);
    }
    proc_close($process);

    return $state['exitcode'];
}

function clear(string $folder): void
{
    exec('rm -rf '.escapeshellarg($folder));
}

function crash(int $runs, string $folder, string $satchel): bool
{
    $card = "{$folder}/card";
    makeCard($card, 24, 700);
    $before = fingerprint($card);
    $copier = static fn (int $run): array => [
        'php',
        dirname($satchel).'/bin/satchel.php',
        'copy',
        $card,
        '--to',
        "{$folder}/a",
        '--to',
        "{$folder}/b",
        '--name',
        "run-{$run}",
        '--json',
    ];
    foreach (['a', 'b'] as $to) {
        mkdir("{$folder}/{$to}");
    }
    $started = microtime(true);
    if (run($copier(0)) !== 0) {
        throw new RuntimeException('The copier does not work at all.');
    }
    $whole = microtime(true) - $started;
    mt_srand(20);
    $killed = $halfValid = $notWhole = $touched = 0;
    for ($i = 1; $i <= $runs; $i++) {
        $process = start($copier($i));
        usleep((int) ((mt_rand(2, 100) / 100) * $whole * 1e6));
        $isRunning = proc_get_status($process)['running'];
        proc_terminate($process, 9);
        proc_close($process);
        $killed += $isRunning ? 1 : 0;
        foreach (['a', 'b'] as $to) {
            $bag = "{$folder}/{$to}/run-{$i}";
            // A bag that is valid must hold everything, whenever the copier was killed.
            if (
                is_dir($bag) &&
                run(['php', dirname($satchel).'/bin/satchel.php', 'verify', $bag, '--json']) === 0 &&
                count(glob("{$bag}/data/DCIM/100OSTVK/*.DNG") ?: []) !== 24
            ) {
                $halfValid++;
            }
        }
        $isWhole = run($copier($i)) === 0;
        foreach (['a', 'b'] as $to) {
            $bag = "{$folder}/{$to}/run-{$i}";
            exec('cd '.escapeshellarg($bag).' && b2sum --quiet -c manifest-blake2b512.txt 2>&1', $out, $exit);
            $isWhole = $isWhole && $exit === 0 && run(['php', dirname($satchel).'/bin/satchel.php', 'verify', $bag, '--json']) === 0;
            clear($bag);
        }
        $notWhole += $isWhole ? 0 : 1;
        $touched += fingerprint($card) === $before ? 0 : 1;
    }
    printf(
        '%d runs, %d of them killed while copying (SIGKILL at 2 to 100 %% of %.2f s): %d not whole after going on, %d half bags called '.
            "valid, %d times the card was touched.\n",
        $runs,
        $killed,
        $whole,
        $notWhole,
        $halfValid,
        $touched,
    );

    return $notWhole + $halfValid + $touched === 0 && $killed > $runs / 3;
}

function flip(int $runs, string $folder, string $satchel): bool
{
    makeCard("{$folder}/card", 6, 40);
    mkdir("{$folder}/bags");
    run(['php', dirname($satchel).'/bin/satchel.php', 'copy', "{$folder}/card", '--to', "{$folder}/bags", '--name', 'bag', '--json']);
    $bag = "{$folder}/bags/bag";
    $files = [];
    /** @var SplFileInfo $file */
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($bag, FilesystemIterator::SKIP_DOTS)) as $file) {
        $files[] = $file->getPathname();
    }
    sort($files);
    mt_srand(30);
    $found = $refused = $outside = 0;
    for ($i = 0; $i < $runs; $i++) {
        // By size, as chance would have it.
        $sizes = array_map(filesize(...), $files);
        $byte = mt_rand(0, array_sum($sizes) - 1);
        foreach ($files as $index => $path) {
            if ($byte < $sizes[$index]) {
                break;
            }
            $byte -= $sizes[$index];
        }
        $good = (string) file_get_contents($path);
        $bad = $good;
        $bad[$byte] = chr(ord($bad[$byte]) ^ (1 << mt_rand(0, 7)));
        file_put_contents($path, $bad);
        $isFound = run(['php', dirname($satchel).'/bin/satchel.php', 'verify', $bag, '--json']) !== 0;
        $found += $isFound ? 1 : 0;
        // Copying again into it must not call it good either, and must not write over what is there.
        $isRefused =
            run([
                'php',
                dirname($satchel).'/bin/satchel.php',
                'copy',
                "{$folder}/card",
                '--to',
                "{$folder}/bags",
                '--name',
                'bag',
                '--json',
            ]) !== 0;
        $refused += $isRefused ? 1 : 0;
        $outside += file_get_contents($path) === $bad ? 0 : 1;
        file_put_contents($path, $good);
    }
    printf(
        "%d bits turned, one at a time: %d found by verify, %d refused by a second copy, %d bags changed by it.\n",
        $runs,
        $found,
        $refused,
        $outside,
    );

    return $found === $runs && $refused === $runs && $outside === 0;
}

/** Shares of the histories side by side, one process a core. */
function permit(int $runs, int $from): bool
{
    $share = 50;
    $cores = max(1, (int) shell_exec('nproc'));
    $next = $from;
    $last = $from + $runs - 1;
    $total = [];
    $running = [];
    $isGood = true;
    $started = microtime(true);
    while ($next <= $last || $running !== []) {
        while ($next <= $last && count($running) < $cores) {
            $count = min($share, $last - $next + 1);
            $pipes = [];
            $process =
                proc_open(
                    ['php', '-d', 'memory_limit=1G', __DIR__.'/trust/permit.php', (string) $next, (string) $count],
                    [['file', '/dev/null', 'r'], ['pipe', 'w'], ['file', 'php://stderr', 'a']],
                    $pipes,
                ) ?:
                throw new RuntimeException('It did not start.');
            $running[] = [$process, $pipes[1]];
            $next += $count;
        }
        [$process, $out] = array_shift($running);
        $counts = json_decode((string) stream_get_contents($out), true);
        $isGood = proc_close($process) === 0 && is_array($counts) && $isGood;
        is_array($counts) || fwrite(STDERR, "A share of the histories came to no end.\n");
        foreach ($counts ?? [] as $name => $n) {
            $total[$name] = ($total[$name] ?? 0) + $n;
        }
        printf(
            "\r%d of %d histories, %d wrong, %.0f min ",
            $total['histories'] ?? 0,
            $runs,
            $total['wrong'] ?? 0,
            (microtime(true) - $started) / 60,
        );
    }
    printf(
        "\n%d histories: %d permits asked for, %d granted, %d refused, %d cards formatted; %d answers compared with the command; %d ".
            "histories with a false grant, a false refusal or a difference.\n",
        ...array_map(static fn (string $k): int => $total[$k] ?? 0, ['histories', 'asked', 'granted', 'refused', 'formatted', 'compared', 'wrong']),
    );

    return $isGood && ($total['wrong'] ?? 1) === 0;
}

mkdir($folder, 0777, true);
try {
    $isGood = match ($what) {
        'crash' => crash($runs, $folder, $satchel),
        'flip' => flip($runs, $folder, $satchel),
        'permit' => permit($runs, $from),
        'fuzz' => passthru('php -d memory_limit=1G '.escapeshellarg(__DIR__.'/trust/fuzz.php')." {$runs}", $exit) === null &&
            $exit === 0,
        'day' => days($runs, $from),
        'send' => sendOverABadLink($runs, "{$folder}/send"),
        'boards' => boards($runs, $from),
        'session' => watchASession($runs, "{$folder}/session"),
        default => throw new InvalidArgumentException('Say crash, flip, permit, fuzz, day, send, session or boards.'),
    };
} catch (InvalidArgumentException $e) {
    fwrite(STDERR, $e->getMessage()."\n");
    $isGood = false;
} finally {
    clear($folder);
}
exit($isGood ? 0 : 1);
