<?php

declare(strict_types=1);

use Database\Demo\Demo;

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
