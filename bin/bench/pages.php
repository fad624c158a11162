<?php

declare(strict_types=1);

use Tests\Support\RunningSatchel;

function benchPages(): bool
{
    $satchel = RunningSatchel::start();
    try {
        $satchel->artisan('satchel:simulate', 'shoot', '--frames=20');
        $curl = curl_init();
        signIn($curl, $satchel->url);
        $pages = [
            '/', '/jobs/1/brief', '/jobs/1/scout', '/jobs/1/plan', '/jobs/1/rehearse', '/jobs/1/kit',
            '/jobs/1/kit/propose', '/jobs/1/pack', '/jobs/1/light', '/jobs/1/cards', '/jobs/1/copies', '/shelf',
            '/folders',
        ];
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
            printf(
                "  %-16s %4.2f times   %5.1f ms   %5.1f kB compressed at first load, fonts included\n",
                $page,
                $ratio,
                median($times[$page]) * 1000,
                $kb,
            );
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
