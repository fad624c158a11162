<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Station\Wire;
use NorthSatchel\Looked;
use NorthSatchel\Verdict;

/** The wire of the capture station: a long cable, an extension or a hub slows it (M19). */
final class StationJudge
{
    /** A frame must have arrived before the next pose (common practice, no source). */
    private const WAIT_S = 3.0;

    /**
     * @param  list<Gear>  $bag
     * @param  float  $frameMb  of both files of a frame; 0 where the shelf does not say
     * @return list<Verdict>
     */
    public static function of(array $bag, float $frameMb): array
    {
        $wires = Wire::allOf($bag);
        $verdicts = $wires === [] || $wires[0]->computer !== null ? [] : [
            Verdict::fix(
                'kit.no-computer',
                'There is nothing to shoot into.',
                "{$wires[0]->links[0]->label} is in the bag, and no computer is.",
                [],
            ),
        ];
        foreach ($wires as $wire) {
            // Into nothing it carries nothing, whatever its rate; too long it is with any computer.
            $verdicts[] = $wire->computer === null && ! $wire->isTooLong() ? null : self::wire($wire, $frameMb);
        }

        return array_values(array_filter($verdicts));
    }

    private static function wire(Wire $wire, float $frameMb): Verdict
    {
        $name = $wire->name();
        if ($wire->isTooLong()) {
            return Verdict::fix(
                'kit.cable',
                "{$name} is too long for its standard.",
                "{$wire->lengthM} m, and {$wire->standard} carries {$wire->longestM} m without a repeater: frames stall or drop. Straight from ".
                    'the camera, no hub, a shorter cable, and the computer closer.',
                ['length_m' => $wire->lengthM],
            );
        }
        $seconds = $wire->seconds($frameMb);
        if ($seconds === null) {
            return Verdict::mind(
                'kit.cable-unknown',
                "Whether {$name} carries the wire nobody can say.",
                'Not written down: '.implode('; ', $wire->openFor($frameMb)).'. Time one test frame, and type it in on the shelf.',
            );
        }
        $seconds = round($seconds, 1);
        $why = "{$frameMb} MB at {$wire->rateMbS} MB/s, the rate of {$wire->slowest}: {$seconds} s a frame";
        if ($seconds > self::WAIT_S) {
            return Verdict::mind('kit.cable', "A frame takes {$seconds} s through {$name}.", "{$why}. Longer than from one pose to the next.", [
                'seconds' => $seconds,
            ]);
        }
        if (count($wire->links) > 1) {
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
                ($wire->longestM === null || $wire->lengthM === null
                    ? '; how long it may be is not known.'
                    : ", and {$wire->lengthM} of {$wire->longestM} m."),
            Looked::one("a frame through {$name}"),
        );
    }
}
