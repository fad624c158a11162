<?php

declare(strict_types=1);

namespace Tests\Support;

/** The GNU Linear Programming Kit's solver, asked with a program in CPLEX LP format. */
final class Glpsol
{
    /** @return int|null the best objective; null where nothing is feasible */
    public static function best(string $program): ?int
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'lp');
        file_put_contents($file, $program);
        $out = [];
        exec('glpsol --lp '.escapeshellarg($file).' -o '.escapeshellarg("{$file}.out").' 2>&1', $out, $exit);
        $report = (string) @file_get_contents("{$file}.out");
        @unlink($file);
        @unlink("{$file}.out");
        if ($exit !== 0 || $report === '') {
            throw new \RuntimeException(implode("\n", $out));
        }
        $found = [];
        $isBest = str_contains($report, 'INTEGER OPTIMAL') && preg_match('/^Objective:\s+\S+ = (\S+)/m', $report, $found) === 1;

        return $isBest ? (int) round((float) $found[1]) : null;
    }
}
