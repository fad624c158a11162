<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

/**
 * Which frames of a card to look at 1:1 before it may be formatted: those that the twin check found different, those
 * whose jpeg is much smaller than its neighbours' (what is out of focus or blurred holds less detail; common
 * practice, no source), the first and the last, and the rest evenly in between.
 */
final class LookSample
{
    public const MOST = 9;

    private const NEIGHBOURS = 4;

    private const SMALL = 0.8;

    private const MOST_SMALL = 4;

    /**
     * @param  list<FrameToSample>  $frames  jpegs in the order of time
     * @return list<FrameToLookAt> in the order of time
     */
    public static function of(array $frames, int $most = self::MOST): array
    {
        $why = [];
        foreach ($frames as $i => $frame) {
            if ($frame->isDiffering && count($why) < $most) {
                $why[$i] = 'differs between the two cards';
            }
        }
        $small = self::small($frames);
        asort($small);
        foreach (array_slice($small, 0, self::MOST_SMALL, true) as $i => $share) {
            if (count($why) < $most) {
                $why[$i] ??= round(100 * (1 - $share)).' % smaller than those around it: less detail';
            }
        }
        // The first, the last, the middle, then the middles of what lies between: few frames still span the day.
        $last = count($frames) - 1;
        $between = $last < 0 ? [] : [[0, $last]];
        foreach ($last < 0 ? [] : [0 => 'the first', $last => 'the last'] as $i => $word) {
            if (count($why) < $most) {
                $why[$i] ??= $word;
            }
        }
        while ($between !== [] && count($why) < $most) {
            [$from, $to] = array_shift($between);
            if ($to - $from < 2) {
                continue;
            }
            $middle = intdiv($from + $to, 2);
            $why[$middle] ??= 'one in between';
            array_push($between, [$from, $middle], [$middle, $to]);
        }
        ksort($why);

        return array_map(
            static fn (int $i): FrameToLookAt => new FrameToLookAt(id: $frames[$i]->id, name: $frames[$i]->name, why: $why[$i]),
            array_keys($why),
        );
    }

    /**
     * @param  list<FrameToSample>  $frames
     * @return array<int, float> by index: its size as a share of the middle one of those around it, where it is much less
     */
    private static function small(array $frames): array
    {
        $small = [];
        foreach ($frames as $i => $frame) {
            $around = array_map(
                static fn (FrameToSample $f): int => $f->bytes,
                array_values(
                    array_diff_key(array_slice($frames, max(0, $i - self::NEIGHBOURS), 2 * self::NEIGHBOURS + 1, true), [$i => true]),
                ),
            );
            sort($around);
            $middle = $around === [] ? 0 : $around[intdiv(count($around), 2)];
            if ($frame->bytes < self::SMALL * $middle) {
                $small[$i] = $frame->bytes / $middle;
            }
        }

        return $small;
    }
}
