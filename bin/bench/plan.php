<?php

declare(strict_types=1);

/** A list of nested and disjoint groups of a made-up family. */
function familyOf(int $groups, int $people): array
{
    $sets = [range(1, $people)];
    for ($at = 0; count($sets) < $groups && isset($sets[$at]); $at++) {
        $set = $sets[$at];
        shuffle($set);
        $sets = [
            ...$sets,
            ...array_filter(
                array_chunk($set, max(2, intdiv(count($set), 2))),
                static fn (array $part): bool => count($part) > 1 && count($part) < count($set),
            ),
        ];
    }

    return [
        'presence' => 'called',
        'people' => array_map(static fn (int $p): array => ['id' => "p{$p}"], range(1, $people)),
        'groups' => array_map(
            static fn (int $g, array $set): array => [
                'id' => "g{$g}",
                'minutes' => 1 + ($g % 4),
                'people' => array_map(static fn (int $p): string => "p{$p}", $set),
            ],
            range(1, $groups),
            array_slice($sets, 0, $groups),
        ),
    ];
}

/** A made-up ground with its periods. */
function groundOf(int $people, int $posts, int $periods): array
{
    $at = static fn (): array => ['x_m' => mt_rand(0, 110), 'y_m' => mt_rand(0, 70)];
    $worth = [];
    for ($t = 0; $t < $periods; $t++) {
        for ($z = 0; $z < 9; $z++) {
            $worth[] = ['period' => "t{$t}", 'zone' => "z{$z}", 'worth' => mt_rand(0, 9)];
        }
    }

    return [
        'photographers' => array_map(static fn (int $p): array => ['id' => "p{$p}", 'focal_max_mm' => 150 * $p], range(1, $people)),
        'posts' => array_map(static fn (int $i): array => ['id' => "s{$i}", ...$at()], range(1, $posts)),
        'zones' => array_map(static fn (int $z): array => ['id' => "z{$z}", ...$at()], range(0, 8)),
        'periods' => array_map(static fn (int $t): array => ['id' => "t{$t}", 'break_minutes' => mt_rand(0, 2)], range(0, $periods - 1)),
        'worth' => $worth,
    ];
}

/** Made-up pictures that do not all fit into their gaps. */
function sendingOf(int $pictures): array
{
    $list = [];
    for ($i = 0; $i < $pictures; $i++) {
        $ready = mt_rand(0, 3000);
        $list[] = ['id' => "p{$i}", 'mb' => mt_rand(4, 60), 'ready_s' => $ready, 'due_s' => $ready + mt_rand(60, 900), 'worth' => mt_rand(1, 9)];
    }

    return [
        'rate_mb_s' => 1,
        'gaps' => array_map(static fn (int $g): array => ['id' => "g{$g}", 'from_s' => 600 * $g, 'to_s' => 600 * $g + 150], range(0, 5)),
        'pictures' => $list,
    ];
}

/** Made-up elements that wait for each other. */
function setupsOf(int $elements, int $setups): array
{
    $list = [];
    for ($i = 0; $i < $elements; $i++) {
        $after = array_filter(array_map(static fn (int $j): string => "e{$j}", range(0, max(0, $i - 1))), static fn (): bool => mt_rand(0, 9) === 0);
        $list[] = [
            'id' => "e{$i}", 'setup' => 's'.mt_rand(1, $setups), 'minutes' => mt_rand(2, 30), 'after' => $i === 0 ? [] : array_values($after),
        ];
    }

    return ['elements' => $list, 'change_minutes' => 12, 'changes' => [['from' => 's1', 'to' => 's2', 'minutes' => 4]]];
}

/** The heavy topics of compute at their ordinary size, against the lightest one: what is left is the computing. */
function benchPlan(): bool
{
    mt_srand(7);
    $segments = $stretches = [];
    for ($i = 0; $i < 60; $i++) {
        $minutes = mt_rand(4, 24);
        $value = mt_rand(100, 1000);
        $segments[] = [
            'id' => "s{$i}",
            'minutes' => $minutes,
            'short_minutes' => intdiv($minutes * 6, 10),
            'value' => $value,
            'short_value' => intdiv($value * 7, 10),
            'must' => $i % 15 === 9,
            'latest_end' => sprintf('%02d:%02d', intdiv(720 + $i * 7, 60), (720 + $i * 7) % 60),
            'place' => ['church', 'park', 'hotel'][intdiv($i, 7) % 3],
            'may_move_to' => $i % 5 === 0 ? array_slice(['p', 'q', 'r'], $i % 3, 2) : [],
        ];
        $stretches[] = ['id' => "s{$i}", 'minutes_low' => $minutes, 'minutes_likely' => $minutes + 4, 'minutes_high' => $minutes * 2 + 9];
    }
    $ways = [
        ['from' => 'church', 'to' => 'park', 'minutes' => 10],
        ['from' => 'park', 'to' => 'hotel', 'minutes' => 12],
        ['from' => 'church', 'to' => 'hotel', 'minutes' => 15],
    ];
    $questions = [
        'sun' => ['latitude_deg' => 63, 'longitude_deg' => 14, 'at' => '2030-06-01T12:00:00Z'],
        'replan' => [
            'now' => '11:20',
            'place' => 'church',
            'segments' => $segments,
            'pockets' => [['id' => 'p', 'minutes' => 60], ['id' => 'q', 'minutes' => 60], ['id' => 'r', 'minutes' => 60]],
            'travel' => $ways,
        ],
        'formals-order' => familyOf(24, 60),
        'rehearse' => ['start' => '09:00', 'segments' => $stretches, 'runs' => 5000, 'seed' => 3],
        'cover' => groundOf(3, 10, 12),
        'sends' => sendingOf(24),
        'setup-order' => setupsOf(40, 8),
    ];
    echo "compute at ordinary size, median of 9, start-up included:\n";
    $times = [];
    foreach ($questions as $topic => $question) {
        $file = tempnam(sys_get_temp_dir(), 'satchel');
        file_put_contents($file, json_encode($question));
        $runs = [];
        for ($i = 0; $i < 9; $i++) {
            $runs[] = timed(dirname(__DIR__, 2)."/satchel compute {$topic} < {$file}")[0];
        }
        unlink($file);
        $times[$topic] = median($runs);
        printf("  %-13s %6.0f ms   %4.1f times the lightest topic\n", $topic, $times[$topic] * 1000, $times[$topic] / $times['sun']);
    }

    return true;
}
