<?php

declare(strict_types=1);

/** The twin check of two cards against cmp of the same files, in one run and from the same cache. */
function benchTwin(int $megabytes): bool
{
    $at = dirname(__DIR__, 2).'/storage/run/bench-'.bin2hex(random_bytes(3));
    foreach (['a', 'b'] as $card) {
        mkdir("{$at}/{$card}/DCIM/100OSTVK", 0777, true);
    }
    try {
        for ($i = 1; $i <= max(1, intdiv($megabytes, 25)); $i++) {
            $bytes = random_bytes(25_000_000);
            foreach (['a', 'b'] as $card) {
                file_put_contents(sprintf('%s/%s/DCIM/100OSTVK/OSTV%04d.DNG', $at, $card, $i), $bytes);
            }
        }
        $plain = $ours = [];
        for ($round = 0; $round < 3; $round++) {
            $plain[] = timed("cd {$at}/a && find . -type f -exec cmp {} {$at}/b/{} \\;")[0];
            $ours[] = timed('php '.dirname(__DIR__, 2)."/bin/satchel.php twin {$at}/a {$at}/b --json; true")[0];
        }
        $ratio = median($plain) / median($ours);
        printf(
            "Twin check of %d MB a card: %.2f of the rate of cmp (%.2f s against %.2f s), warm for both.\n",
            $megabytes,
            $ratio,
            median($ours),
            median($plain),
        );

        return true;
    } finally {
        exec('rm -rf '.escapeshellarg($at));
    }
}

/**
 * Copying with read-back against the same promise made with plain tools: cp to both places, sync, the copies put out of the cache,
 * and sums of all three, by sha256sum and by xxhsum -H2; in one run and from the same state of the cache: in memory, where no
 * medium holds anybody up, and on this disk, warm for all and cold for all.
 */
function benchCopy(int $megabytes): bool
{
    printf(
        'Copying %d MB from one folder to two with read-back, against cp to both, sync, the copies put out of the cache, and sums of '.
            "all three:\n",
        $megabytes,
    );
    $isGood = true;
    $folder = '/bench-'.bin2hex(random_bytes(3));
    // Card, two copies, and some air.
    if (is_writable('/dev/shm') && disk_free_space('/dev/shm') > 3.3e6 * $megabytes && freeMemory() > 3.6e6 * $megabytes) {
        $isGood = copyPlace('/dev/shm'.$folder, $megabytes, 'in memory', ['warm']);
    } else {
        echo "  No figures in memory: there is no room for the card and two copies.\n";
    }
    $isGood =
        copyPlace(
            dirname(__DIR__, 2).'/storage/run'.$folder,
            $megabytes,
            'on this disk',
            canDropCaches() ? ['warm', 'cold'] : ['warm'],
        ) && $isGood;
    echo canDropCaches() ? '' : "  No cold figures: this system does not let its caches be dropped.\n";
    echo $isGood ? "  As fast as wanted, and under 64 MB.\n" : "  SLOWER than wanted somewhere, or over 64 MB.\n";

    return $isGood;
}

/** @param  list<string>  $states */
function copyPlace(string $at, int $megabytes, string $where, array $states): bool
{
    mkdir("{$at}/card/DCIM/100OSTVK", 0777, true);
    try {
        for ($i = 1; $i <= max(1, intdiv($megabytes, 25)); $i++) {
            $handle = fopen(sprintf('%s/card/DCIM/100OSTVK/OSTV%04d.DNG', $at, $i), 'wb');
            for ($written = 0; $written < 25; $written++) {
                fwrite($handle, random_bytes(1_000_000));
            }
            fclose($handle);
        }
        $out = "find {$at}/to1 {$at}/to2 -type f -exec dd if={} iflag=nocache count=0 status=none \\;";
        $cp = "cp -r {$at}/card {$at}/to1/ && cp -r {$at}/card {$at}/to2/ && sync && {$out} && find {$at}/card {$at}/to1 {$at}/to2 ".
            '-type f -print0 | xargs -0 ';
        $past = static fn (
            string $from,
            string $to,
            string $flag,
        ): string => "for f in {$from}; do dd if=\$f of={$to} bs=4M {$flag}=direct status=none; done";
        $ways =
            [
                'ours' => 'php -d memory_limit=64M '.
                    dirname(__DIR__, 2).
                    "/bin/satchel.php copy {$at}/card --to {$at}/to1 --to {$at}/to2 --name load --json",
                'xxhsum -H2' => $cp.'xxhsum -H2',
                'sha256sum' => $cp.'sha256sum',
            ] +
            ($where === 'in memory'
                ? []
                : [
                    // Another way to write both copies and read both from the medium: both at a time, past the cache.
                    'medium' => "for d in to1 to2; do ({$past(
                        "{$at}/card/DCIM/100OSTVK/*",
                        "{$at}/\$d/\$(basename \$f)",
                        'oflag',
                    )}) & done; wait; for d in to1 to2; do ({$past("{$at}/\$d/*", '/dev/null', 'iflag')}) & done; wait",
                ]);
        $isGood = true;
        foreach ($states as $state) {
            $took = [];
            $memory = 0.0;
            foreach ([0, 1, 2] as $round) {
                foreach ($ways as $way => $command) {
                    if ($round > 0 && $way === 'sha256sum') {
                        continue;
                    }
                    exec("rm -rf {$at}/to1 {$at}/to2 && mkdir {$at}/to1 {$at}/to2 && sync");
                    $state === 'cold' ? file_put_contents('/proc/sys/vm/drop_caches', '3') : exec("cat {$at}/card/DCIM/*/* > /dev/null");
                    [$took[$way][], $peak] = timed($command);
                    $memory = $way === 'ours' ? max($memory, $peak) : $memory;
                }
            }
            $took = array_map(median(...), $took);
            $sha = $took['sha256sum'] / $took['ours'];
            $xx = $took['xxhsum -H2'] / $took['ours'];
            printf(
                '  %s, %s: %.2f times the rate with sha256sum (wanted 3), %.2f with xxhsum -H2 (wanted 1)   %.1f s against %.1f and '.
                    "%.1f s   %.0f MB of memory, all processes\n",
                $where,
                $state,
                $sha,
                $xx,
                $took['ours'],
                $took['sha256sum'],
                $took['xxhsum -H2'],
                $memory,
            );
            if (isset($took['medium'])) {
                printf(
                    '        the medium alone takes %.1f s to be written twice and read twice (dd, past the cache): %.2f of its rate '.
                        "(wanted 0.9)\n",
                    $took['medium'],
                    $took['medium'] / $took['ours'],
                );
                $isGood = $isGood && $took['medium'] / $took['ours'] >= 0.9;
            }
            $isGood = $isGood && $sha >= 3 && $xx >= 1 && $memory < 64;
        }

        return $isGood;
    } finally {
        exec('rm -rf '.escapeshellarg($at));
    }
}

/** @return float bytes that programs can have */
function freeMemory(): float
{
    $parts = [];

    return preg_match('/^MemAvailable:\s+(\d+) kB/m', (string) @file_get_contents('/proc/meminfo'), $parts) === 1
        ? (float) $parts[1] * 1024
        : 0.0;
}

function canDropCaches(): bool
{
    return is_writable('/proc/sys/vm/drop_caches') && @file_put_contents('/proc/sys/vm/drop_caches', '3') !== false;
}
