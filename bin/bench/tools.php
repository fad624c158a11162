<?php

declare(strict_types=1);

use Database\Demo\Demo;

function median(array $numbers): float
{
    sort($numbers);

    return $numbers[intdiv(count($numbers), 2)];
}

/** @return list<string> the web servers that this machine has; first PHP's own as it comes with the command line alone */
function serversHere(): array
{
    return trim((string) shell_exec(escapeshellarg(dirname(__DIR__, 2).'/bin/server').' kind')) === 'caddy' ? ['plain', 'caddy'] : ['plain'];
}

/** @return array{float, int, string} seconds, compressed bytes, body */
function fetch(CurlHandle $curl, string $url): array
{
    curl_setopt_array($curl, [
        CURLOPT_URL => $url,
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_FOLLOWLOCATION => true,
        CURLOPT_ENCODING => '',
        CURLOPT_HTTPGET => true,
    ]);
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
    curl_setopt_array($curl, [
        CURLOPT_URL => "{$url}/sign-in",
        CURLOPT_POST => true,
        CURLOPT_POSTFIELDS => http_build_query(['_token' => $token[1], 'email' => Demo::EMAIL, 'password' => Demo::PASSWORD]),
    ]);
    curl_exec($curl);
}

/** @return array{float, float} seconds, and the peak memory of all its processes together in MB (proportional set size, every 50 ms) */
function timed(string $command): array
{
    $errors = (string) tempnam(sys_get_temp_dir(), 'bench');
    $pipes = [];
    $started = microtime(true);
    $process =
        proc_open(['bash', '-c', $command], [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', $errors, 'w']], $pipes) ?:
        throw new RuntimeException("{$command} did not start");
    $peak = 0;
    while (($state = proc_get_status($process))['running']) {
        $peak = max($peak, memoryOf($state['pid']));
        usleep(50_000);
    }
    $took = microtime(true) - $started;
    $said = (string) file_get_contents($errors);
    unlink($errors);
    if ($state['exitcode'] !== 0) {
        throw new RuntimeException("{$command} failed: {$said}");
    }

    return [$took, $peak / 1024];
}

/** @return int kB of a process and all that it started */
function memoryOf(int $pid): int
{
    $parts = [];
    $own = preg_match('/^Pss:\s+(\d+)/m', (string) @file_get_contents("/proc/{$pid}/smaps_rollup"), $parts) === 1 ? (int) $parts[1] : 0;
    $children = array_filter(explode(' ', (string) @file_get_contents("/proc/{$pid}/task/{$pid}/children")));

    return $own + array_sum(array_map(static fn (string $child): int => memoryOf((int) $child), $children));
}
