<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Replan\Rest;

/**
 * The re-plan as a mixed-integer program in CPLEX LP format: which segments are done, in which
 * succession, when; solved by glpsol. The objective is value × 10 000 − skipped × 100 − moved.
 */
final class ReplanAsProgram
{
    private const FAR = 3000;

    /** @return float|null the best objective; null when nothing is feasible */
    public static function solve(array $instance): ?float
    {
        $file = tempnam(sys_get_temp_dir(), 'lp');
        file_put_contents($file, self::text($instance));
        $out = [];
        exec('glpsol --lp '.escapeshellarg($file).' -o '.escapeshellarg($file.'.out').' 2>&1', $out, $exit);
        $report = (string) @file_get_contents($file.'.out');
        @unlink($file);
        @unlink($file.'.out');
        $found = [];
        if ($exit !== 0 || $report === '') {
            throw new \RuntimeException(implode("\n", $out));
        }
        if (! str_contains($report, 'INTEGER OPTIMAL') || preg_match('/^Objective:\s+\S+ = (\S+)/m', $report, $found) !== 1) {
            return null;
        }

        return (float) $found[1];
    }

    private static function text(array $instance): string
    {
        $ways = ReplanInstances::ways($instance);
        /** @var list<Rest> $rests */
        $rests = $instance['segments'];
        $objective = [];
        $rules = [];
        $binaries = [];
        $pocketUse = array_fill_keys(array_keys(ReplanInstances::POCKETS), []);
        foreach ($rests as $j => $s) {
            $one = ["f{$j}"];
            $binaries[] = "f{$j}";
            $objective[] = $s->value * 10_000 ." f{$j}";
            if ($s->shortMinutes !== null && $s->fixedStart === null) {
                $one[] = "s{$j}";
                $binaries[] = "s{$j}";
                $objective[] = (int) $s->shortValue * 10_000 ." s{$j}";
            }
            $done = implode(' + ', $one);
            foreach ($s->fixedStart === null ? $s->mayMoveTo : [] as $p) {
                $one[] = "m{$j}{$p}";
                $binaries[] = "m{$j}{$p}";
                $objective[] = $s->movedValue() * 10_000 - 1 ." m{$j}{$p}";
                $pocketUse[$p][] = $s->movedMinutes()." m{$j}{$p}";
            }
            if (! $s->isMust) {
                $one[] = "k{$j}";
                $binaries[] = "k{$j}";
                $objective[] = "-100 k{$j}";
            }
            $rules[] = implode(' + ', $one).' = 1';
            $minus = str_replace(' + ', ' - ', $done);
            $into = ["a{$j}"];
            $out = ["e{$j}"];
            $binaries[] = "a{$j}";
            $binaries[] = "e{$j}";
            $rules[] = "t{$j} - ".self::FAR." a{$j} >= ".($instance['now'] + (int) $ways->between('church', $s->place) - self::FAR);
            for ($i = 0; $i < $j; $i++) {
                $into[] = "y{$i}_{$j}";
                $binaries[] = "y{$i}_{$j}";
                $before = $rests[$i];
                $hasShort = $before->shortMinutes !== null && $before->fixedStart === null;
                $rules[] =
                    "t{$j} - t{$i} - {$before->minutes} f{$i}".
                    ($hasShort ? " - {$before->shortMinutes} s{$i}" : '').
                    ' - '.
                    self::FAR.
                    " y{$i}_{$j} >= ".
                    ((int) $ways->between($before->place, $s->place) - self::FAR);
            }
            for ($k = $j + 1; $k < count($rests); $k++) {
                $out[] = "y{$j}_{$k}";
            }
            $rules[] = implode(' + ', $into)." - {$minus} = 0";
            $rules[] = implode(' + ', $out)." - {$minus} = 0";
            if ($s->earliest !== null) {
                $rules[] = "t{$j} >= ".max(0, $s->earliest);
            }
            if ($s->latestEnd !== null) {
                $lasts =
                    $s->minutes +
                    self::FAR.
                    " f{$j}".
                    (str_contains($done, "s{$j}") ? ' + '.($s->shortMinutes + self::FAR)." s{$j}" : '');
                $rules[] = "t{$j} + {$lasts} <= ".($s->latestEnd + self::FAR);
            }
            if ($s->fixedStart !== null) {
                $rules[] = "t{$j} - ".self::FAR." f{$j} >= ".($s->fixedStart - self::FAR);
                $rules[] = "t{$j} + ".self::FAR." f{$j} <= ".($s->fixedStart + self::FAR);
            }
        }
        $rules[] = 'none + '.implode(' + ', array_map(static fn (int $j): string => "a{$j}", array_keys($rests))).' = 1';
        $binaries[] = 'none';
        foreach ($pocketUse as $p => $uses) {
            if ($uses !== []) {
                $rules[] = implode(' + ', $uses).' <= '.ReplanInstances::POCKETS[$p];
            }
        }

        return 'Maximize obj: '.
            str_replace('+ -', '- ', implode(' + ', $objective)).
            "\nSubject To\n".
            implode("\n", $rules).
            "\nBinary\n".
            implode("\n", $binaries).
            "\nEnd\n";
    }
}
