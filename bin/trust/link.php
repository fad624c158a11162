<?php

declare(strict_types=1);

/*
 * A bad net between a port here and one of this machine: so many bytes a second in each direction, and everything cut every so many
 * seconds. Arguments: port here, port there, bytes a second, seconds.
 */

[, $here, $there, $rate, $every] = array_map(intval(...), $argv);
$listening = stream_socket_server("tcp://127.0.0.1:{$here}") ?: throw new RuntimeException("Port {$here} is taken.");
stream_set_blocking($listening, false);
/** @var array<int, array{resource, resource}> $pairs by number: from whom and to whom */
$pairs = [];
$cut = microtime(true) + $every;
$tick = 0.02;
while (true) {
    // Where one direction is over, so is the other.
    $pairs = array_filter($pairs, static fn (array $p): bool => is_resource($p[0]) && is_resource($p[1]));
    $read = [$listening, ...array_column($pairs, 0)];
    $none = null;
    if (stream_select($read, $none, $none, 0, 20_000) > 0 && in_array($listening, $read, true)) {
        $from = stream_socket_accept($listening, 0);
        $to = $from === false ? false : @stream_socket_client("tcp://127.0.0.1:{$there}", $code, $why, 2);
        if ($from !== false && $to !== false) {
            array_map(static fn ($s): bool => stream_set_blocking($s, false), [$from, $to]);
            $pairs[] = [$from, $to];
            $pairs[] = [$to, $from];
        } elseif ($from !== false) {
            fclose($from);
        }
    }
    $started = microtime(true);
    foreach ($pairs as $number => [$from, $to]) {
        $bytes = is_resource($from) ? fread($from, (int) ($rate * $tick)) : false;
        if ($bytes === false || ($bytes === '' && feof($from)) || ! is_resource($to)) {
            array_map(static fn ($s): bool => is_resource($s) && fclose($s), [$from, $to]);
            unset($pairs[$number]);
        } elseif ($bytes !== '') {
            stream_set_blocking($to, true);
            @fwrite($to, $bytes);
            stream_set_blocking($to, false);
        }
    }
    usleep((int) max(0, 1e6 * ($tick - (microtime(true) - $started))));
    if (microtime(true) >= $cut) {
        foreach ($pairs as $pair) {
            array_map(static fn ($s): bool => is_resource($s) && fclose($s), $pair);
        }
        $pairs = [];
        $cut = microtime(true) + $every;
    }
}
