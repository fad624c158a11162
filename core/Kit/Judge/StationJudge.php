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
     * @return list<Verdict>
     */
    public static function of(array $bag, float $frameMb): array
    {
        $verdicts = [];
        foreach ($bag as $cable) {
            if ($cable->kind !== GearKind::Cable || ! $cable->is('for_tether')) {
                continue;
            }
            $standard = mb_strtolower($cable->text('standard'));
            $longest = self::LONGEST_M[$standard] ?? null;
            $length = $cable->number('length_m');
            $rate = $cable->number('rate_mb_s');
            $seconds = $rate === null ? null : round($frameMb / $rate, 1);
            if ($longest !== null && $length !== null && $length > $longest) {
                $verdicts[] = Verdict::fix(
                    'kit.cable',
                    "{$cable->label} is too long for its standard.",
                    "{$length} m, and {$cable->text(
                        'standard',
                    )} carries {$longest} m without a repeater: frames stall or drop. Straight from the camera, no hub, a shorter ".
                        'cable, and the computer closer.',
                    ['length_m' => $length],
                );
            } elseif ($seconds !== null && $seconds > self::WAIT_S) {
                $verdicts[] = Verdict::mind(
                    'kit.cable',
                    "A frame takes {$seconds} s through {$cable->label}.",
                    "{$frameMb} MB at {$rate} MB/s; a hub or an extension makes it longer.",
                    ['seconds' => $seconds],
                );
            } elseif ($seconds === null) {
                $verdicts[] = Verdict::mind(
                    'kit.cable-unknown',
                    "Whether {$cable->label} carries the wire nobody can say.",
                    'Its rate is not written down: time one test frame, and type it in on the shelf.',
                );
            } else {
                $verdicts[] = Verdict::fine(
                    'kit.cable',
                    "{$cable->label} carries the wire.",
                    "{$frameMb} MB at {$rate} MB/s: {$seconds} s a frame, straight from the camera".
                        ($longest === null || $length === null ? '; how long it may be is not known.' : ", and {$length} of {$longest} m."),
                    Looked::one("a frame through {$cable->label}"),
                );
            }
        }

        return $verdicts;
    }
}
