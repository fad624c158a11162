<?php

declare(strict_types=1);

/*
 * Measures side by side, in one run: pages against a bare route of the same server, copying with
 * read-back against cp and sha256sum. Figures are ratios; the seconds beside them are of this machine.
 *
 * ./satchel bench [pages|copy|plan|kit|twin|index] [--mb N]
 */

require dirname(__DIR__).'/vendor/autoload.php';

use Database\Demo\Demo;
use NorthSatchel\Kit\Cover\CoverSearch;
use Tests\Support\RandomShelf;
use Tests\Support\RunningSatchel;

$what = in_array($argv[1] ?? 'all', ['pages', 'copy', 'plan', 'kit', 'twin', 'index'], true) ? $argv[1] : 'all';
$megabytes = (int) (array_search('--mb', $argv, true) !== false ? $argv[array_search('--mb', $argv, true) + 1] : 2000);

function median(array $numbers): float
{
    sort($numbers);

    return $numbers[intdiv(count($numbers), 2)];
}

/** @return array{float, int, string} seconds, compressed bytes, body */
function fetch(CurlHandle $curl, string $url): array
{
    curl_setopt_array($curl, [CURLOPT_URL => $url, CURLOPT_RETURNTRANSFER => true, CURLOPT_FOLLOWLOCATION => true, CURLOPT_ENCODING => '', CURLOPT_HTTPGET => true]);
    $body = (string) curl_exec($curl);
    if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) !== 200) {
        throw new RuntimeException("{$url} answered ".curl_getinfo($curl, CURLINFO_RESPONSE_CODE));
    }

    return [curl_getinfo($curl, CURLINFO_TOTAL_TIME), (int) curl_getinfo($curl, CURLINFO_SIZE_DOWNLOAD_T), $body];
}

function signIn(CurlHandle $curl, string $url): void
{
    curl_setopt($curl, CURLOPT_COOKIEFILE, '');
    $token = [];
    preg_match('/name="_token" value="([^"]+)"/', fetch($curl, "{$url}/sign-in")[2], $token);
    curl_setopt_array($curl, [CURLOPT_URL => "{$url}/sign-in", CURLOPT_POST => true, CURLOPT_POSTFIELDS => http_build_query(['_token' => $token[1], 'email' => Demo::EMAIL, 'password' => Demo::PASSWORD])]);
    curl_exec($curl);
}

function benchPages(): bool
{
    $satchel = RunningSatchel::start();
    try {
        $satchel->artisan('satchel:simulate', 'shoot', '--frames=20');
        $curl = curl_init();
        signIn($curl, $satchel->url);
        $pages = ['/', '/jobs/1/brief', '/jobs/1/scout', '/jobs/1/plan', '/jobs/1/rehearse', '/jobs/1/kit', '/jobs/1/kit/propose', '/jobs/1/pack', '/jobs/1/light', '/jobs/1/cards', '/jobs/1/copies', '/shelf', '/folders'];
        $times = array_fill_keys(['/up', ...$pages], []);
        foreach (['/up', ...$pages] as $page) {
            fetch($curl, $satchel->url.$page);
        }
        // In turns, so that whatever else the machine does meets all alike.
        for ($round = 0; $round < 50; $round++) {
            foreach (array_keys($times) as $page) {
                $times[$page][] = fetch($curl, $satchel->url.$page)[0];
            }
        }
        $bare = median($times['/up']);
        $assets = assetBytes($curl, $satchel->url, fetch($curl, $satchel->url.'/jobs/1/plan')[2]);
        printf("Pages, median of 50, against a bare route of the same server (%.1f ms):\n", $bare * 1000);
        $isGood = true;
        foreach ($pages as $page) {
            $ratio = median($times[$page]) / $bare;
            $kb = (fetch($curl, $satchel->url.$page)[1] + $assets) / 1000;
            $isGood = $isGood && $ratio <= 4.0 && $kb <= 150;
            printf("  %-16s %4.2f times   %5.1f ms   %5.1f kB compressed at first load, fonts included\n", $page, $ratio, median($times[$page]) * 1000, $kb);
        }
        echo $isGood ? "  Within 4 times and 150 kB.\n" : "  OVER 4 times or 150 kB.\n";

        return $isGood;
    } finally {
        $satchel->stop();
    }
}

/** Everything a page links to, and the fonts its style sheet names. */
function assetBytes(CurlHandle $curl, string $url, string $html): int
{
    $found = [];
    preg_match_all('#(?:href|src)="(/build/[^"]+)"#', $html, $found);
    $bytes = 0;
    foreach ($found[1] as $path) {
        [, $size, $body] = fetch($curl, $url.html_entity_decode($path));
        $bytes += $size;
        $fonts = [];
        preg_match_all('#url\(["\']?(fonts/[^"\')]+)#', $body, $fonts);
        foreach ($fonts[1] as $font) {
            $bytes += fetch($curl, "{$url}/build/{$font}")[1];
        }
    }

    return $bytes;
}

/** @return array{float, float} seconds, peak memory in MB */
function timed(string $command): array
{
    $out = [];
    $started = microtime(true);
    exec('/usr/bin/env bash -c '.escapeshellarg("{ {$command}; } >/dev/null 2>/tmp/satchel-bench-err"), $out, $exit);
    if ($exit !== 0) {
        throw new RuntimeException("{$command} failed: ".file_get_contents('/tmp/satchel-bench-err'));
    }

    return [microtime(true) - $started, getrusage(1)['ru_maxrss'] / 1024];
}

function benchCopy(int $megabytes): bool
{
    $at = dirname(__DIR__).'/storage/run/bench-'.bin2hex(random_bytes(3));
    mkdir("{$at}/card/DCIM/100OSTVK", 0777, true);
    mkdir("{$at}/cp1");
    mkdir("{$at}/cp2");
    mkdir("{$at}/to1");
    mkdir("{$at}/to2");
    try {
        $file = 25_000_000;
        for ($i = 1; $i <= max(1, intdiv($megabytes * 1_000_000, $file)); $i++) {
            $handle = fopen(sprintf('%s/card/DCIM/100OSTVK/OSTV%04d.DNG', $at, $i), 'wb');
            for ($written = 0; $written < $file; $written += 1_000_000) {
                fwrite($handle, random_bytes(1_000_000));
            }
            fclose($handle);
        }
        exec('sync');
        $plainCommand = "cp -r {$at}/card {$at}/cp1/ && cp -r {$at}/card {$at}/cp2/ && find {$at}/card {$at}/cp1 {$at}/cp2 -type f -print0 | xargs -0 sha256sum";
        $ourCommand = 'php -d memory_limit=64M '.dirname(__DIR__)."/bin/satchel.php copy {$at}/card --to {$at}/to1 --to {$at}/to2 --name load --json";
        [$ours, $memory] = timed($ourCommand);
        [$plain] = timed($plainCommand);
        $ratio = $plain / $ours;
        printf("Copying %d MB from one folder to two with read-back, against cp to both and sha256sum of all three:\n", $megabytes);
        printf("  %.2f times as fast   %.1f s against %.1f s   %.0f MB of memory\n", $ratio, $ours, $plain, $memory);
        echo "  Source warm in the system's cache for both; ours syncs every file and reads back from the medium, the plain way reads from the cache.\n";
        $isGood = $ratio >= 1.0 && $memory < 64;
        echo $isGood ? "  No slower, and under 64 MB.\n" : "  SLOWER, or over 64 MB.\n";

        return $isGood;
    } finally {
        exec('rm -rf '.escapeshellarg($at));
    }
}

/** The heavy topics of compute at their ordinary size, against the lightest one: what is left is the computing. */
/** A list of nested and disjoint groups of a made-up family. */
function familyOf(int $groups, int $people): array
{
    $sets = [range(1, $people)];
    for ($at = 0; count($sets) < $groups && isset($sets[$at]); $at++) {
        $set = $sets[$at];
        shuffle($set);
        $sets = [...$sets, ...array_filter(array_chunk($set, max(2, intdiv(count($set), 2))), static fn (array $part): bool => count($part) > 1 && count($part) < count($set))];
    }

    return ['presence' => 'called', 'people' => array_map(static fn (int $p): array => ['id' => "p{$p}"], range(1, $people)),
        'groups' => array_map(static fn (int $g, array $set): array => ['id' => "g{$g}", 'minutes' => 1 + $g % 4, 'people' => array_map(static fn (int $p): string => "p{$p}", $set)], range(1, $groups), array_slice($sets, 0, $groups))];
}

function benchPlan(): bool
{
    mt_srand(7);
    $segments = $stretches = [];
    for ($i = 0; $i < 60; $i++) {
        $minutes = mt_rand(4, 24);
        $value = mt_rand(100, 1000);
        $segments[] = ['id' => "s{$i}", 'minutes' => $minutes, 'short_minutes' => intdiv($minutes * 6, 10), 'value' => $value, 'short_value' => intdiv($value * 7, 10), 'must' => $i % 15 === 9,
            'latest_end' => sprintf('%02d:%02d', intdiv(720 + $i * 7, 60), (720 + $i * 7) % 60), 'place' => ['church', 'park', 'hotel'][intdiv($i, 7) % 3], 'may_move_to' => $i % 5 === 0 ? array_slice(['p', 'q', 'r'], $i % 3, 2) : []];
        $stretches[] = ['id' => "s{$i}", 'minutes_low' => $minutes, 'minutes_likely' => $minutes + 4, 'minutes_high' => $minutes * 2 + 9];
    }
    $ways = [['from' => 'church', 'to' => 'park', 'minutes' => 10], ['from' => 'park', 'to' => 'hotel', 'minutes' => 12], ['from' => 'church', 'to' => 'hotel', 'minutes' => 15]];
    $questions = [
        'sun' => ['latitude_deg' => 63, 'longitude_deg' => 14, 'at' => '2030-06-01T12:00:00Z'],
        'replan' => ['now' => '11:20', 'place' => 'church', 'segments' => $segments, 'pockets' => [['id' => 'p', 'minutes' => 60], ['id' => 'q', 'minutes' => 60], ['id' => 'r', 'minutes' => 60]], 'travel' => $ways],
        'formals-order' => familyOf(24, 60),
        'rehearse' => ['start' => '09:00', 'segments' => $stretches, 'runs' => 5000, 'seed' => 3],
    ];
    echo "compute at ordinary size, median of 9, start-up included:\n";
    $times = [];
    foreach ($questions as $topic => $question) {
        $file = tempnam(sys_get_temp_dir(), 'satchel');
        file_put_contents($file, json_encode($question));
        $runs = [];
        for ($i = 0; $i < 9; $i++) {
            $runs[] = timed(dirname(__DIR__)."/satchel compute {$topic} < {$file}")[0];
        }
        unlink($file);
        $times[$topic] = median($runs);
        printf("  %-9s %6.0f ms   %4.1f times the lightest topic\n", $topic, $times[$topic] * 1000, $times[$topic] / $times['sun']);
    }

    return true;
}

/** The lightest kit of shelves of 80 things against glpsol on the same programs, and every pair of 80 things lost. */
function benchKit(): bool
{
    $ours = $theirs = [];
    $isProven = true;
    for ($seed = 201; $seed <= 220; $seed++) {
        [$items, $needs] = RandomShelf::of($seed, 80, 26, 20);
        $started = microtime(true);
        $cover = CoverSearch::lightest($items, $needs, 5.0);
        $ours[] = microtime(true) - $started;
        $started = microtime(true);
        $isProven = RandomShelf::glpsol($items, $needs) === $cover->weight && $cover->isOptimal && $isProven;
        $theirs[] = microtime(true) - $started;
    }
    printf("Lightest kit, 20 shelves of 80 things: median %.2f times glpsol's time (%.0f ms, slowest %.0f ms), start-up of glpsol included; %s\n", median($ours) / median($theirs), median($ours) * 1000, max($ours) * 1000, $isProven ? 'the same weight each time, proven.' : 'NOT the same or not proven.');
    $shelf = ['losses' => 2, 'items' => [], 'needs' => []];
    mt_srand(5);
    foreach (range(1, 80) as $i) {
        $shelf['items'][] = ['id' => "i{$i}", 'gives' => ['c'.mt_rand(0, 24)], 'requires' => mt_rand(0, 2) === 0 ? ['c'.mt_rand(0, 24)] : []];
    }
    foreach (range(0, 24) as $c) {
        $shelf['needs'][] = ['id' => "n{$c}", 'capability' => "c{$c}", 'count' => 1 + $c % 2];
    }
    $times = [];
    foreach (['sun' => ['latitude_deg' => 63, 'longitude_deg' => 14, 'at' => '2030-06-01T12:00:00Z'], 'lose-one' => $shelf] as $topic => $question) {
        $file = tempnam(sys_get_temp_dir(), 'satchel');
        file_put_contents($file, json_encode($question));
        $times[$topic] = median(array_map(static fn (): float => timed(dirname(__DIR__)."/satchel compute {$topic} < {$file}")[0], range(1, 9)));
        unlink($file);
    }
    printf("compute lose-one, every pair of 80 things: %.0f ms, %.1f times the lightest topic\n", $times['lose-one'] * 1000, $times['lose-one'] / $times['sun']);

    return $isProven;
}

/** The twin check of two cards against cmp of the same files, in one run and from the same cache. */
function benchTwin(int $megabytes): bool
{
    $at = dirname(__DIR__).'/storage/run/bench-'.bin2hex(random_bytes(3));
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
            $ours[] = timed('php '.dirname(__DIR__)."/bin/satchel.php twin {$at}/a {$at}/b --json; true")[0];
        }
        $ratio = median($plain) / median($ours);
        printf("Twin check of %d MB a card: %.2f of the rate of cmp (%.2f s against %.2f s), warm for both.\n", $megabytes, $ratio, median($ours), median($plain));

        return true;
    } finally {
        exec('rm -rf '.escapeshellarg($at));
    }
}

/** Pages with two million indexed frames of four hundred jobs, against the same pages with ten thousand. */
function benchIndex(): bool
{
    $pages = ['/', '/jobs/1/cards', '/jobs/1/copies', '/jobs/1/frames', '/jobs/1/kit'];
    $times = [];
    foreach ([2, 400] as $jobs) {
        $satchel = RunningSatchel::start();
        try {
            $satchel->artisan('satchel:simulate', 'shoot', '--frames=20');
            $db = new PDO("sqlite:{$satchel->folder}/satchel.sqlite");
            fillIndex($db, $jobs);
            $curl = curl_init();
            signIn($curl, $satchel->url);
            foreach ($pages as $page) {
                fetch($curl, $satchel->url.$page);
            }
            for ($round = 0; $round < 15; $round++) {
                foreach ($pages as $page) {
                    $times[$jobs][$page][] = fetch($curl, $satchel->url.$page)[0];
                }
            }
            printf("%d frames of %d more jobs indexed.\n", (int) $db->query('select count(*) from frames')->fetchColumn(), $jobs);
        } finally {
            $satchel->stop();
        }
    }
    $isGood = true;
    foreach ($pages as $page) {
        $ratio = median($times[400][$page]) / median($times[2][$page]);
        $isGood = $isGood && $ratio <= 2.0;
        printf("  %-16s %4.2f times its time with few   %5.1f ms\n", $page, $ratio, median($times[400][$page]) * 1000);
    }
    echo $isGood ? "  Within twice.\n" : "  OVER twice.\n";

    return $isGood;
}

/** Past jobs with five thousand files each, on the cards of the shelf, formatted since. */
function fillIndex(PDO $db, int $jobs): void
{
    $db->exec('pragma synchronous = off');
    $cards = $db->query('select id from cards order by id')->fetchAll(PDO::FETCH_COLUMN);
    $body = (int) $db->query('select id from bodies order by id limit 1')->fetchColumn();
    $place = (int) $db->query('select id from places order by id limit 1')->fetchColumn();
    $frame = $db->prepare('insert into frames (card_id, fill, body_id, path, kind, bytes, modified_at, hash, taken_at, body_serial, shutter_s, f_number, iso) values (?, ?, ?, ?, ?, 25000000, 1700000000, ?, ?, ?, 0.004, 4, 800)');
    $job = $db->prepare("insert into jobs (name, kind, date, place_id, covered_from, covered_to, temperature_c, created_at, updated_at) values (?, 'wedding', ?, ?, '10:00', '20:00', 15, '2020-01-01', '2020-01-01')");
    for ($j = 1; $j <= $jobs; $j++) {
        $db->beginTransaction();
        $job->execute(["Past job {$j}", gmdate('Y-m-d', 1_500_000_000 + $j * 86400), $place]);
        for ($f = 0; $f < 5000; $f++) {
            $frame->execute([$cards[$f % count($cards)], 1000 + $j, $body, sprintf('DCIM/%03dOSTVK/OSTV%04d.%s', 100 + $j % 900, $f, $f % 2 === 0 ? 'DNG' : 'JPG'), $f % 2 === 0 ? 'raw' : 'jpeg', bin2hex(random_bytes(64)), 1_500_000_000 + $j * 86400 + $f, 'OV40117']);
        }
        $db->commit();
    }
    $db->exec('analyze');
}

$isGood = true;
if ($what === 'all' || $what === 'twin') {
    $isGood = benchTwin(min(4000, $megabytes));
}
if ($what === 'index') {
    $isGood = benchIndex() && $isGood;
}
if ($what === 'all' || $what === 'kit') {
    $isGood = benchKit() && $isGood;
}
if ($what === 'all' || $what === 'pages') {
    $isGood = benchPages() && $isGood;
}
if ($what === 'all' || $what === 'plan') {
    $isGood = benchPlan() && $isGood;
}
if ($what === 'all' || $what === 'copy') {
    $isGood = benchCopy($megabytes) && $isGood;
}
exit($isGood ? 0 : 1);
