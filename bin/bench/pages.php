<?php

declare(strict_types=1);

use Tests\Support\RunningSatchel;

const PAGES = [
    '/', '/jobs/1/brief', '/jobs/1/scout', '/jobs/1/plan', '/jobs/1/rehearse', '/jobs/1/kit', '/jobs/1/kit/propose', '/jobs/1/pack',
    '/jobs/1/light', '/jobs/1/cards', '/jobs/1/copies', '/shelf', '/folders',
];

/** Each page against a bare route of its server, and the servers side by side, in turns. */
function benchPages(): bool
{
    $servers = $curls = $times = [];
    try {
        foreach (serversHere() as $name) {
            $servers[$name] = RunningSatchel::start($name);
            $servers[$name]->artisan('satchel:simulate', 'shoot', '--frames=20');
            $curls[$name] = curl_init();
            signIn($curls[$name], $servers[$name]->url);
        }
        // In turns, so that whatever else the machine does meets all alike.
        for ($round = -2; $round < 40; $round++) {
            foreach (['/up', ...PAGES] as $page) {
                foreach ($servers as $name => $satchel) {
                    $took = fetch($curls[$name], $satchel->url.$page)[0];
                    if ($round >= 0) {
                        $times[$name][$page][] = $took;
                    }
                }
            }
        }
        $best = array_key_last($servers);
        [$curl, $url] = [$curls[$best], $servers[$best]->url];
        $bare = median($times['plain']['/up']);
        $assets = assetBytes($curl, $url, fetch($curl, "{$url}/jobs/1/plan")[2]);
        printf("Pages of %s, median of 40; a bare route of PHP's own server as it comes takes %.1f ms:\n", $best, $bare * 1000);
        $isGood = true;
        foreach (PAGES as $page) {
            $took = median($times[$best][$page]);
            $kb = (fetch($curl, $url.$page)[1] + $assets) / 1000;
            $faster = median($times['plain'][$page]) / $took;
            $isGood = $isGood && median($times['plain'][$page]) / $bare <= 4.0 && $kb <= 150;
            $isGood = $isGood && ($page !== '/jobs/1/plan' || $best === 'plain' || $faster >= 1.5);
            printf(
                "  %-20s %5.1f ms; %4.2f times as fast as on PHP's own server, where it takes %4.2f times a bare route; %5.1f kB\n",
                $page,
                $took * 1000,
                $faster,
                median($times['plain'][$page]) / $bare,
                $kb,
            );
        }
        echo $isGood ? "  Within 4 times and 150 kB, the plan 1.5 times as fast.\n" : "  OVER what is wanted.\n";

        return $isGood;
    } finally {
        foreach ($servers as $satchel) {
            $satchel->stop();
        }
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
