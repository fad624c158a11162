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
        printf("Twin check of %d MB a card: %.2f of the rate of cmp (%.2f s against %.2f s), warm for both.\n", $megabytes, $ratio, median($ours), median($plain));

        return true;
    } finally {
        exec('rm -rf '.escapeshellarg($at));
    }
}

/**
 * Copying with read-back against cp to both places and a hash of all three, by sha256sum and by xxhsum -H2, in one run and
 * from the same state of the cache: warm for all, and cold for all where the system lets caches be dropped.
 */
function benchCopy(int $megabytes): bool
{
    $at = dirname(__DIR__, 2).'/storage/run/bench-'.bin2hex(random_bytes(3));
    mkdir("{$at}/card/DCIM/100OSTVK", 0777, true);
    try {
        for ($i = 1; $i <= max(1, intdiv($megabytes, 25)); $i++) {
            $handle = fopen(sprintf('%s/card/DCIM/100OSTVK/OSTV%04d.DNG', $at, $i), 'wb');
            for ($written = 0; $written < 25; $written++) {
                fwrite($handle, random_bytes(1_000_000));
            }
            fclose($handle);
        }
        $cp = "cp -r {$at}/card {$at}/to1/ && cp -r {$at}/card {$at}/to2/ && find {$at}/card {$at}/to1 {$at}/to2 -type f -print0 | xargs -0 ";
        $ways = [
            'ours' => 'php -d memory_limit=64M '.dirname(__DIR__, 2)."/bin/satchel.php copy {$at}/card --to {$at}/to1 --to {$at}/to2 --name load --json",
            'sha256sum' => $cp.'sha256sum',
            'xxhsum -H2' => $cp.'xxhsum -H2',
            // What ours does too: until the copies are on the medium nothing is safe.
            'synced' => str_replace(' && find', ' && sync && find', $cp).'xxhsum -H2',
        ];
        $isGood = true;
        printf("Copying %d MB from one folder to two with read-back, against cp to both and a hash of all three:\n", $megabytes);
        foreach (canDropCaches() ? ['warm', 'cold'] : ['warm'] as $state) {
            $took = [];
            $memory = 0.0;
            foreach ($ways as $way => $command) {
                exec("rm -rf {$at}/to1 {$at}/to2 && mkdir {$at}/to1 {$at}/to2 && sync");
                $state === 'cold' ? file_put_contents('/proc/sys/vm/drop_caches', '3') : exec("cat {$at}/card/DCIM/*/* > /dev/null");
                [$took[$way], $peak] = timed($command);
                $memory = $way === 'ours' ? $peak : $memory;
            }
            $sha = $took['sha256sum'] / $took['ours'];
            $xx = $took['xxhsum -H2'] / $took['ours'];
            printf("  %s: %.2f times the rate with sha256sum (wanted 1.5), %.2f with xxhsum -H2 (wanted 0.8)   %.1f s against %.1f and %.1f s   %.0f MB of memory\n", $state, $sha, $xx, $took['ours'], $took['sha256sum'], $took['xxhsum -H2'], $memory);
            printf("        %.2f times the rate with xxhsum -H2 where the plain way syncs as well (%.1f s)\n", $took['synced'] / $took['ours'], $took['synced']);
            $isGood = $isGood && $sha >= 1.5 && $xx >= 0.8 && $memory < 64;
        }
        echo canDropCaches() ? '' : "  No cold figures: this system does not let its caches be dropped.\n";
        echo "  Ours syncs every file and reads back from the medium; the plain way reads its copies from the cache, and syncs nothing.\n";
        echo $isGood ? "  As fast as wanted, and under 64 MB.\n" : "  SLOWER than wanted somewhere, or over 64 MB.\n";

        return $isGood;
    } finally {
        exec('rm -rf '.escapeshellarg($at));
    }
}

function canDropCaches(): bool
{
    return is_writable('/proc/sys/vm/drop_caches') && @file_put_contents('/proc/sys/vm/drop_caches', '3') !== false;
}
