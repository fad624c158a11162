<?php

declare(strict_types=1);

use Tests\Support\RunningSatchel;

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
    $frame = $db->prepare(
        'insert into frames (card_id, fill, body_id, path, kind, bytes, modified_at, hash, taken_at, body_serial, shutter_s, f_number, '.
            'iso) values (?, ?, ?, ?, ?, 25000000, 1700000000, ?, ?, ?, 0.004, 4, 800)',
    );
    $job = $db->prepare(
        'insert into jobs (name, kind, date, place_id, covered_from, covered_to, temperature_c, created_at, updated_at) values (?, '.
            "'wedding', ?, ?, '10:00', '20:00', 15, '2020-01-01', '2020-01-01')",
    );
    for ($j = 1; $j <= $jobs; $j++) {
        $db->beginTransaction();
        $job->execute(["Past job {$j}", gmdate('Y-m-d', 1_500_000_000 + $j * 86400), $place]);
        for ($f = 0; $f < 5000; $f++) {
            $frame->execute([
                $cards[$f % count($cards)],
                1000 + $j,
                $body,
                sprintf('DCIM/%03dOSTVK/OSTV%04d.%s', 100 + ($j % 900), $f, $f % 2 === 0 ? 'DNG' : 'JPG'),
                $f % 2 === 0 ? 'raw' : 'jpeg',
                bin2hex(random_bytes(64)),
                1_500_000_000 + $j * 86400 + $f,
                'OV40117',
            ]);
        }
        $db->commit();
    }
    $db->exec('analyze');
}
