<?php

declare(strict_types=1);

/*
 * Lines and classes that can be read: no line over 150 characters in PHP, Blade and JavaScript, no class over 250 lines. And no
 * controller checks a form itself.
 */

const LONGEST_LINE = 150;
const LONGEST_CLASS = 250;

chdir(dirname(__DIR__));
$wrong = [];
foreach (array_filter(explode("\0", (string) shell_exec("git ls-files -z -- '*.php' '*.js' '*.cjs'"))) as $file) {
    $lines = is_file($file) ? (file($file, FILE_IGNORE_NEW_LINES) ?: []) : [];
    foreach ($lines as $number => $line) {
        if (mb_strlen($line) > LONGEST_LINE) {
            $wrong[] = sprintf('%s:%d has %d characters', $file, $number + 1, mb_strlen($line));
        }
    }
    $isClass = preg_match('#^(core|app)/.*\.php$#', $file) === 1;
    if ($isClass && count($lines) > LONGEST_CLASS) {
        $wrong[] = sprintf('%s has %d lines', $file, count($lines));
    }
    if (str_starts_with($file, 'app/Http/Controllers/') && preg_match('/->validate\(/', implode("\n", $lines)) === 1) {
        $wrong[] = "{$file} checks a form itself: each has its request class";
    }
}
foreach ($wrong as $line) {
    echo $line, "\n";
}
printf("%d lines or classes are too long.\n", count($wrong));
exit($wrong === [] ? 0 : 1);
