<?php

declare(strict_types=1);

use Tests\Support\RunningSatchel;

const PEOPLE = 20;
const EDITS_EACH = 15;

/**
 * Twenty people at once on one job: each moves a segment or ticks a thing of the packing list, sees the page again, thinks for
 * two seconds in the middle, and goes on. What each waited for, from the press to the page; on both web servers.
 */
function benchCrowd(): bool
{
    printf("%d people, %d edits each, 1 to 3 s between them; from the press to the page:\n", PEOPLE, EDITS_EACH);
    $isGood = true;
    foreach (serversHere() as $server) {
        $satchel = RunningSatchel::start($server);
        $before = taken();
        try {
            $waits = crowd($satchel->url);
        } finally {
            $satchel->stop();
        }
        sort($waits);
        $at = static fn (float $share): float => $waits[(int) floor((count($waits) - 1) * $share)];
        $after = taken();
        printf(
            "  %-6s half within %.2f s, 95 of 100 within %.2f s, the longest %.2f s, of %d; %.0f %% of the processors went to other machines\n",
            $server,
            $at(0.5),
            $at(0.95),
            $at(1.0),
            count($waits),
            100 * ($after[0] - $before[0]) / max(1, $after[1] - $before[1]),
        );
        $isGood = $server === 'plain' ? $isGood : $at(1.0) <= 1.0;
    }
    echo $isGood ? "  Nobody waits longer than a second.\n" : "  OVER a second.\n";

    return $isGood;
}

/** @return array{int, int} processor time that the host gave to others (where this is a virtual machine), and all of it, since the start */
function taken(): array
{
    $all = array_map(intval(...), array_slice(preg_split('/\s+/', (string) strtok((string) file_get_contents('/proc/stat'), "\n")) ?: [], 1, 8));

    return [$all[7] ?? 0, (int) array_sum($all)];
}

/** @return list<float> seconds, one for each edit */
function crowd(string $url): array
{
    mt_srand(7);
    $people = [];
    for ($i = 0; $i < PEOPLE; $i++) {
        $curl = curl_init();
        signIn($curl, $url);
        $page = fetch($curl, "{$url}/jobs/1/plan")[2];
        $found = [];
        preg_match('/name="csrf-token" content="([^"]+)"/', $page, $token);
        preg_match_all('#action="(/segments/\d+/shift)"#', $page, $found);
        $people[] = ['curl' => $curl, 'token' => $token[1], 'paths' => array_values(array_unique($found[1])), 'left' => EDITS_EACH];
    }
    $multi = curl_multi_init();
    $dueAt = array_map(static fn (): float => microtime(true) + mt_rand(0, 2000) / 1000, $people);
    $pressedAt = $waits = [];
    while ($dueAt !== [] || $pressedAt !== []) {
        foreach ($dueAt as $i => $due) {
            if ($due <= microtime(true)) {
                press($people[$i], $url);
                curl_multi_add_handle($multi, $people[$i]['curl']);
                $pressedAt[$i] = microtime(true);
                unset($dueAt[$i]);
            }
        }
        curl_multi_exec($multi, $running);
        while (($done = curl_multi_info_read($multi)) !== false) {
            foreach ($people as $i => $person) {
                if ($person['curl'] !== $done['handle']) {
                    continue;
                }
                if (curl_getinfo($person['curl'], CURLINFO_RESPONSE_CODE) !== 200) {
                    throw new RuntimeException('An edit was answered '.curl_getinfo($person['curl'], CURLINFO_RESPONSE_CODE).'.');
                }
                $waits[] = microtime(true) - $pressedAt[$i];
                unset($pressedAt[$i]);
                curl_multi_remove_handle($multi, $person['curl']);
                if (--$people[$i]['left'] > 0) {
                    $dueAt[$i] = microtime(true) + mt_rand(1000, 3000) / 1000;
                }
            }
        }
        curl_multi_select($multi, 0.005);
    }

    return $waits;
}

/** @param  array{curl: CurlHandle, token: string, paths: list<string>, left: int}  $person */
function press(array $person, string $url): void
{
    curl_setopt_array($person['curl'], [
        CURLOPT_URL => $url.$person['paths'][array_rand($person['paths'])],
        CURLOPT_POST => true,
        CURLOPT_POSTFIELDS => http_build_query(['_token' => $person['token'], 'minutes' => [-5, 5][mt_rand(0, 1)]]),
        CURLOPT_HTTPHEADER => ['HX-Request: true'],
    ]);
}
