<?php

declare(strict_types=1);

use NorthSatchel\Day\FrameMatch;
use NorthSatchel\Day\LivedSegment;
use NorthSatchel\Day\LivedShot;
use NorthSatchel\Day\TakenFrame;
use Tests\Support\RunningSatchel;

/** The phone's page and pocket, the lane live against the plain re-plan, and the matching of a day's frames. */
function benchDay(): bool
{
    $servers = serversHere();
    $satchel = RunningSatchel::start(end($servers));
    try {
        $curl = curl_init();
        signIn($curl, $satchel->url);
        $plan = [];
        for ($i = 0; $i < 9; $i++) {
            $plan[] = fetch($curl, "{$satchel->url}/jobs/1/plan")[0];
        }
        // The first look works the pocket out; the others take what is kept.
        [$first, $bytes, $page] = fetch($curl, "{$satchel->url}/jobs/1/day");
        $again = fetch($curl, "{$satchel->url}/jobs/1/day")[0];
        $assets = assetBytes($curl, $satchel->url, $page);
        preg_match('#id="pocket">(.*?)</script>#s', $page, $pocket);
        $gz = strlen((string) gzencode($pocket[1] ?? ''));
        printf("The day on a phone: page %.1f kB, its script, styles and fonts %.1f kB, the pocket in it %.1f kB compressed.\n",
            $bytes / 1000, $assets / 1000, $gz / 1000);
        printf("  worked out in %.1f s, %.0f times a warm plan page; kept, %.1f times.\n",
            $first, $first / median($plan), $again / median($plan));
        $isGood = $bytes + $assets <= 150_000 && $gz <= 200_000 && $first < 60;
    } finally {
        $satchel->stop();
    }

    return benchLane() && benchMatch() && $isGood;
}

/** `compute day` against `compute replan` of the same waiting segments: 60 of them, 400 taps. */
function benchLane(): bool
{
    $segments = $events = [];
    for ($i = 0; $i < 60; $i++) {
        $segments[] = [
            'id' => "s{$i}", 'minutes' => 10, 'short_minutes' => 6, 'value' => 100 + $i, 'short_value' => 60,
            'place' => ['church', 'park'][intdiv($i, 7) % 2], 'latest_end' => sprintf('%02d:%02d', intdiv(660 + $i * 10, 60), (660 + $i * 10) % 60),
        ];
    }
    for ($i = 0; $i < 400; $i++) {
        $events[] = [
            'id' => "e{$i}", 'kind' => ['started', 'done'][$i % 2], 'segment' => 's'.($i % 4),
            'at' => sprintf('%02d:%02d:%02d', 10 + intdiv($i, 360), intdiv($i, 6) % 60, ($i % 6) * 10),
        ];
    }
    $common = ['travel' => [['from' => 'church', 'to' => 'park', 'minutes' => 3]], 'place' => 'church'];
    $starts = array_map(static fn (int $i): string => sprintf('%02d:%02d', intdiv(600 + $i * 10, 60), ($i * 10) % 60), range(0, 59));
    $planned = array_map(static fn (array $s, string $start): array => [...$s, 'start' => $start], $segments, $starts);
    $times = [];
    foreach ([
        'replan' => ['now' => '11:17', 'segments' => array_slice($segments, 4), ...$common],
        'day' => ['now' => '11:07:00', 'segments' => $planned, 'events' => $events, ...$common],
    ] as $topic => $question) {
        $file = (string) tempnam(sys_get_temp_dir(), 'satchel');
        file_put_contents($file, json_encode($question));
        for ($i = 0; $i < 9; $i++) {
            $times[$topic][] = timed(dirname(__DIR__, 2)."/satchel compute {$topic} < {$file}")[0];
        }
        unlink($file);
    }
    $ratio = median($times['day']) / median($times['replan']);
    printf("  compute day with 400 taps takes %.2f times compute replan of the same (%.0f ms).\n", $ratio, median($times['day']) * 1000);

    return $ratio < 1.5;
}

/** 6,000 frames to a day of 40 segments, against sorting them. */
function benchMatch(): bool
{
    $segments = $frames = [];
    for ($i = 0; $i < 40; $i++) {
        $shots = array_map(
            static fn (int $s): LivedShot => new LivedShot(10 * $i + $s, "Shot {$s}", $s === 0, 900.0 * $i + 200 * $s),
            range(0, 4),
        );
        $segments[] = new LivedSegment($i, "Segment {$i}", [['lead', 'second'][$i % 2]], 900.0 * $i, 900.0 * $i + 1000, true, $shots);
    }
    for ($i = 0; $i < 6000; $i++) {
        $frames[] = new TakenFrame("F{$i}", (float) (($i * 7919) % 36000), ['lead', 'second'][$i % 2], 'Body '.($i % 3));
    }
    $sorting = $matching = [];
    for ($i = 0; $i < 9; $i++) {
        $at = hrtime(true);
        $copy = $frames;
        usort($copy, static fn (TakenFrame $a, TakenFrame $b): int => $a->at <=> $b->at);
        $sorting[] = (hrtime(true) - $at) / 1e9;
        $at = hrtime(true);
        (new FrameMatch($segments, $frames))->verdicts();
        $matching[] = (hrtime(true) - $at) / 1e9;
    }
    printf("  6,000 frames matched in %.0f ms, %.1f times sorting them.\n", median($matching) * 1000, median($matching) / median($sorting));

    return median($matching) < 1.0;
}
