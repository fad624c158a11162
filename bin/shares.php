<?php

declare(strict_types=1);

/* How the lines of code are shared out, and that the tests are between a quarter and a third of them. */

const LEAST = 25.0;
const MOST = 33.4;

chdir(dirname(__DIR__));
$files = array_filter(explode("\0", (string) shell_exec("git ls-files -z -- '*.php' '*.js' '*.cjs' '*.css' satchel artisan")));
$shares = [];
foreach ($files as $file) {
    if (! is_file($file)) {
        continue;
    }
    $room = str_contains($file, '/') ? strstr($file, '/', true) : 'root';
    $lines = count(array_filter(file($file) ?: [], static fn (string $line): bool => trim($line) !== ''));
    $shares[$room] = ($shares[$room] ?? 0) + $lines;
}
arsort($shares);
$all = array_sum($shares);
foreach ($shares as $room => $lines) {
    printf("%-12s %6d  %4.1f %%\n", $room, $lines, 100 * $lines / $all);
}
$tests = 100 * ($shares['tests'] ?? 0) / $all;
printf("Tests are %.1f %% of %d lines (wanted: 25 to 33).\n", $tests, $all);
exit($tests >= LEAST && $tests <= MOST ? 0 : 1);
