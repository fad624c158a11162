<?php

declare(strict_types=1);

/*
 * What the program says must be true: every verdict that something is in order stands in docs/claims.md, with the one place in core/ that
 * may say it, what it looked at, and the test that makes it false. Nothing else may say it, and no page says it by itself.
 */

chdir(dirname(__DIR__));
const WORDS = '/\b(prove[dn]|nothing breaks|everybody can go|everything is|survive[ds]?|in order)\b/i';

/** @return list<string> */
function files(string $pattern): array
{
    return array_values(array_filter(explode("\0", (string) shell_exec('git ls-files -z -- '.escapeshellarg($pattern)))));
}

$wrong = $said = $rows = [];
foreach (file('docs/claims.md', FILE_IGNORE_NEW_LINES) ?: [] as $line) {
    if (preg_match('/^\| `([a-z.-]+)` \|.*\| `([\w\/.]+)` \|.*\| `([\w\/]+)::(\w+)` \|$/', $line, $of) === 1) {
        $rows[$of[1]] = [$of[2], $of[3], $of[4]];
    }
}
foreach ([...files('core/*.php'), ...files('app/*.php')] as $file) {
    preg_match_all('/Verdict::fine\(\s*(?:\'([a-z.-]+)\'|(\$\w+))/', (string) file_get_contents($file), $found, PREG_SET_ORDER);
    foreach ($found as $one) {
        if (str_starts_with($file, 'app/')) {
            $wrong[] = "{$file} says that something is in order: a judge in core/ says it";
        }
        $said[] = [$file, $one[1]];
    }
}
foreach ($said as [$file, $code]) {
    $of = $code === '' ? $rows : array_intersect_key($rows, [$code => true]);
    $has = array_filter($of, static fn (array $row): bool => $row[0] === $file);
    if ($has === []) {
        $wrong[] = "{$file} says ".($code === '' ? 'something' : $code).' is in order, and docs/claims.md has no row for it';
    }
}
foreach ($rows as $code => [$file, $test, $method]) {
    $source = is_file($file) ? (string) file_get_contents($file) : '';
    // A code may be put together: its last part is looked for then.
    if (! str_contains($source, "'{$code}'")) {
        $wrong[] = "docs/claims.md: {$file} does not say {$code}";
    }
    if (! is_file("{$test}.php") || ! str_contains((string) file_get_contents("{$test}.php"), "function {$method}(")) {
        $wrong[] = "docs/claims.md: {$code} names a test that is not there: {$test}::{$method}";
    }
}
foreach (files('resources/views/*.php') as $file) {
    foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $number => $line) {
        if (preg_match(WORDS, preg_replace('/\$[\w>-]+|[\w:]+\(/', '', $line) ?? '') === 1 && ! str_contains($line, 'not proven')) {
            $wrong[] = "{$file}:".($number + 1).' ends a worry by itself: a judge in core/ says it';
        }
    }
}
foreach ($wrong as $line) {
    echo $line, "\n";
}
printf("%d sentences end a worry; %d things are wrong.\n", count($rows), count($wrong));
exit($wrong === [] ? 0 : 1);
