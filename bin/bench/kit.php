<?php

declare(strict_types=1);

use NorthSatchel\Kit\Cover\CoverSearch;
use Tests\Support\RandomShelf;

/** The lightest kit of shelves of 80 things against glpsol on the same programs, and every pair of 80 things lost. */
function benchKit(): bool
{
    $ours = $theirs = [];
    $isProven = true;
    for ($seed = 201; $seed <= 220; $seed++) {
        [$items, $needs] = RandomShelf::of($seed, 80, 26, 20);
        $started = microtime(true);
        $cover = CoverSearch::lightest($items, $needs, App\Devices\Stopwatch::seconds(5.0));
        $ours[] = microtime(true) - $started;
        $started = microtime(true);
        $isProven = RandomShelf::glpsol($items, $needs) === $cover->weight && $cover->isOptimal && $isProven;
        $theirs[] = microtime(true) - $started;
    }
    printf(
        "Lightest kit, 20 shelves of 80 things: median %.2f times glpsol's time (%.0f ms, slowest %.0f ms), start-up of glpsol ".
            "included; %s\n",
        median($ours) / median($theirs),
        median($ours) * 1000,
        max($ours) * 1000,
        $isProven ? 'the same weight each time, proven.' : 'NOT the same or not proven.',
    );
    $shelf = ['losses' => 2, 'items' => [], 'needs' => []];
    mt_srand(5);
    foreach (range(1, 80) as $i) {
        $shelf['items'][] = [
            'id' => "i{$i}",
            'gives' => ['c'.mt_rand(0, 24)],
            'requires' => mt_rand(0, 2) === 0 ? ['c'.mt_rand(0, 24)] : [],
        ];
    }
    foreach (range(0, 24) as $c) {
        $shelf['needs'][] = ['id' => "n{$c}", 'capability' => "c{$c}", 'count' => 1 + ($c % 2)];
    }
    $times = [];
    foreach (
        ['sun' => ['latitude_deg' => 63, 'longitude_deg' => 14, 'at' => '2030-06-01T12:00:00Z'], 'lose-one' => $shelf] as $topic => $question
    ) {
        $file = tempnam(sys_get_temp_dir(), 'satchel');
        file_put_contents($file, json_encode($question));
        $times[$topic] = median(
            array_map(static fn (): float => timed(dirname(__DIR__, 2)."/satchel compute {$topic} < {$file}")[0], range(1, 9)),
        );
        unlink($file);
    }
    printf(
        "compute lose-one, every pair of 80 things: %.0f ms, %.1f times the lightest topic\n",
        $times['lose-one'] * 1000,
        $times['lose-one'] / $times['sun'],
    );

    return $isProven;
}
