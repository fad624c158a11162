<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Looked;
use NorthSatchel\Verdict;

/** The capture station: a long cable, an extension or a hub slows the wire (M19). */
final class StationJudge
{
    /** Longest passive cable by standard (USB 2.0: 5 m; faster ones about 3 m and 2 m; from memory). */
    private const LONGEST_M = ['usb 2' => 5.0, 'usb 3' => 3.0, 'usb 3.2' => 2.0, 'usb 4' => 0.8];

    /** A frame must have arrived before the next pose (common practice, no source). */
    private const WAIT_S = 3.0;

    /**
     * @param  list<Gear>  $bag
     * @param  float  $frameMb  of both files of a frame
     * @return list<Verdict>
     */
    public static function of(array $bag, float $frameMb): array
    {
        $wires = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Cable && $g->is('for_tether')));
        $joints = array_values(array_filter($wires, static fn (Gear $g): bool => $g->is('is_joint')));
        $cables = array_values(array_filter($wires, static fn (Gear $g): bool => ! $g->is('is_joint')));
        $computers = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Computer));
        $verdicts = $cables === [] || $computers !== [] ? [] : [
            Verdict::fix('kit.no-computer', 'There is nothing to shoot into.', "{$cables[0]->label} is in the bag, and no computer is.", []),
        ];
        foreach ($cables as $cable) {
            $verdicts[] = self::chain([$cable, ...$joints], $computers[0] ?? null, $frameMb);
        }

        return $verdicts;
    }

    /**
     * The wire from the camera to the disk: as long as all of it, as fast as its slowest link.
     *
     * @param  non-empty-list<Gear>  $links  the cable, then what it is lengthened or split with
     */
    private static function chain(array $links, ?Gear $computer, float $frameMb): Verdict
    {
        $name = implode(' with ', array_map(static fn (Gear $g): string => $g->label, $links));
        $lengths = array_filter(array_map(static fn (Gear $g): ?float => $g->number('length_m'), $links));
        $length = $lengths === [] ? null : round(array_sum($lengths), 2);
        [$longest, $standard] = [null, ''];
        foreach ($links as $link) {
            $allowed = self::LONGEST_M[mb_strtolower($link->text('standard'))] ?? null;
            if ($allowed !== null && ($longest === null || $allowed < $longest)) {
                [$longest, $standard] = [$allowed, $link->text('standard')];
            }
        }
        if ($longest !== null && $length !== null && $length > $longest) {
            return Verdict::fix(
                'kit.cable',
                "{$name} is too long for its standard.",
                "{$length} m, and {$standard} carries {$longest} m without a repeater: frames stall or drop. Straight from the camera, no ".
                    'hub, a shorter cable, and the computer closer.',
                ['length_m' => $length],
            );
        }
        $unknown = array_values(array_filter($links, static fn (Gear $g): bool => $g->number('rate_mb_s') === null));
        if ($unknown !== []) {
            return Verdict::mind(
                'kit.cable-unknown',
                "Whether {$name} carries the wire nobody can say.",
                "The rate of {$unknown[0]->label} is not written down: time one test frame, and type it in on the shelf.",
            );
        }
        $rates = array_map(static fn (Gear $g): float => (float) $g->number('rate_mb_s'), $links);
        $disk = $computer?->number('write_mb_s');
        $rate = min([...$rates, ...$disk === null ? [] : [$disk]]);
        $slowest = $disk !== null && $disk === $rate && min($rates) > $rate
            ? "the disk of {$computer->label}"
            : $links[(int) array_search($rate, $rates, true)]->label;
        $seconds = round($frameMb / $rate, 1);
        $why = "{$frameMb} MB at {$rate} MB/s, the rate of {$slowest}: {$seconds} s a frame";
        if ($seconds > self::WAIT_S) {
            return Verdict::mind('kit.cable', "A frame takes {$seconds} s through {$name}.", "{$why}. Longer than from one pose to the next.", [
                'seconds' => $seconds,
            ]);
        }
        if (count($links) > 1) {
            return Verdict::mind(
                'kit.cable',
                "{$name} carries the wire, and is one joint more that comes loose.",
                "{$why}. Straight from the camera to the computer where it can be; a test frame through all of it before the first pose.",
                ['seconds' => $seconds],
            );
        }

        return Verdict::fine(
            'kit.cable',
            "{$name} carries the wire.",
            "{$why}, straight from the camera".
                ($longest === null || $length === null ? '; how long it may be is not known.' : ", and {$length} of {$longest} m."),
            Looked::one("a frame through {$name}"),
        );
    }
}
