<?php

declare(strict_types=1);

use Tests\Support\RunningSatchel;

/**
 * Pages after 20,000 more lines in the logs of the cards and 5,000 of copies, years of use on the cards that are at hand,
 * against the same pages before; and the permit's page of a card with 3,000 files, nothing read again.
 */
function benchHistory(): bool
{
    $pages = ['/', '/jobs/1/plan', '/jobs/1/cards', '/jobs/1/copies'];
    $satchel = RunningSatchel::start();
    $times = [];
    try {
        $satchel->artisan('satchel:simulate', 'shoot', '--frames=20');
        $db = new PDO("sqlite:{$satchel->folder}/satchel.sqlite");
        $curl = curl_init();
        signIn($curl, $satchel->url);
        foreach (['few', 'many'] as $state) {
            if ($state === 'many') {
                longHistory($db);
            }
            for ($round = -2; $round < 15; $round++) {
                foreach ($pages as $page) {
                    $took = fetch($curl, $satchel->url.$page)[0];
                    if ($round >= 0) {
                        $times[$state][$page][] = $took;
                    }
                }
            }
        }
        printf(
            "%d lines in the logs of cards, %d of copies.\n",
            (int) $db->query('select count(*) from card_events')->fetchColumn(),
            (int) $db->query('select count(*) from copy_events')->fetchColumn(),
        );
        $isGood = true;
        foreach ($pages as $page) {
            $ratio = median($times['many'][$page]) / median($times['few'][$page]);
            $isGood = $isGood && $ratio <= 2.0;
            printf("  %-16s %4.2f times its time with few   %5.1f ms\n", $page, $ratio, median($times['many'][$page]) * 1000);
        }
        fullCard($satchel, $db);
        $took = [];
        for ($round = 0; $round < 7; $round++) {
            $took[] = fetch($curl, $satchel->url.'/jobs/1/cards/1/permit')[0];
        }
        $bare = [];
        for ($round = 0; $round < 7; $round++) {
            $bare[] = fetch($curl, $satchel->url.'/up')[0];
        }
        $isGood = $isGood && median($took) <= 0.5;
        printf(
            "  The permit's page of a card with 3,000 files in two bags: %.2f s (wanted 0.5), %.0f times a bare route.\n",
            median($took),
            median($took) / median($bare),
        );
        echo $isGood ? "  Within twice, and under half a second.\n" : "  OVER what is wanted.\n";

        return $isGood;
    } finally {
        $satchel->stop();
    }
}

/** Fills of the demo's own cards under other jobs: loaded, shot, sealed, formatted, each copied. */
function longHistory(PDO $db): void
{
    $cards = $db->query('select id from cards order by id limit 8')->fetchAll(PDO::FETCH_COLUMN);
    $place = (int) $db->query('select id from destinations order by id limit 1')->fetchColumn();
    $event = $db->prepare(
        "insert into card_events (event_id, card_id, job_id, body_id, slot, kind, data, at) values (?, ?, 2, 1, 1, ?, '{}', ?)",
    );
    $copy = $db->prepare(
        "insert into copy_events (card_id, fill, destination_id, kind, bag, device, data, at) values (?, ?, ?, 'verified', ?, ".
            "'old', '{}', ?)",
    );
    $db->beginTransaction();
    $number = 0;
    foreach ($cards as $index => $card) {
        // The history lies before what the demo has: it is put there by its ids, for the log goes by them.
        for ($fill = 1; $fill <= 625; $fill++) {
            $at = gmdate('Y-m-d H:i:s.000', 1_400_000_000 + $fill * 86400);
            foreach (['loaded', 'unloaded', 'sealed', 'formatted'] as $kind) {
                $event->execute([sprintf('00000000-0000-4000-8000-%012x', ++$number), $card, $kind, $at]);
            }
            $copy->execute([$card, 10_000 + $fill, $place, "old-{$card}-{$fill}", $at]);
        }
    }
    $db->commit();
    $db->exec('analyze');
}

/** Three thousand small files on the first card, sealed, copied to two drives. */
function fullCard(RunningSatchel $satchel, PDO $db): void
{
    $folder = (string) $db->query('select folder from cards where id = 1')->fetchColumn();
    exec('rm -rf '.escapeshellarg("{$folder}/DCIM"));
    mkdir("{$folder}/DCIM/100OSTVK", 0777, true);
    for ($i = 0; $i < 3000; $i++) {
        file_put_contents(sprintf('%s/DCIM/100OSTVK/OSTV%04d.MOV', $folder, $i), "frame {$i}");
    }
    $satchel->artisan('satchel:simulate', 'copy');
}
