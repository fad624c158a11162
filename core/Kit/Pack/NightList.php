<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

use NorthSatchel\Plural;
use NorthSatchel\Signed;
use NorthSatchel\Some;

/** The short list of the night before, and the one at the door; what can be proved is proved, the rest is ticked. */
final class NightList
{
    /**
     * @param  array<string, int>  $cellsByType  in the bag
     * @param  list<string>  $bodies  labels
     * @param  CardsSeen  $cards  what was found on the cards
     * @param  array<string, bool>  $proved  by code of the camera check: mode, types, clock; absent where nothing was read
     * @param  list<string>  $open  labels that are not packed
     * @param  int  $things  on the packing list
     * @param  list<string>  $papers  in the bag
     */
    public static function of(
        array $cellsByType,
        array $bodies,
        CardsSeen $cards,
        array $proved,
        array $open,
        int $things,
        array $papers,
        float $hours = 9.0,
        float $temperatureC = 20.0,
    ): HomeLists {
        $night = [];
        foreach ($cellsByType as $type => $count) {
            $night[] = new ListLine(
                'charge-'.substr(hash('xxh32', (string) $type), 0, 6),
                'Charge '.$count.Plural::of($count, ' cell', ' cells')." of type {$type}",
                'On the charger before you sleep, in the bag in the morning.',
            );
        }
        $night = [...$night, ...self::bodies($bodies, $proved)];
        $night[] = self::cards($cards);
        $night[] = new ListLine('glass', 'Front elements and sensors looked at', 'A plain frame of each body, looked through.');
        $door = [
            self::packed($open, $things),
        ];
        foreach ($papers as $paper) {
            $door[] = new ListLine('paper-'.substr(hash('xxh32', $paper), 0, 6), $paper, 'In the hand, not in the case.');
        }
        foreach (
            [
                'phone' => ['Phone charged, its charger along', 'It holds times and contacts.'],
                'food' => ['Water, food, pain relief, sun cream', self::water($hours, $temperatureC)],
                'lights' => ['Chargers unplugged, nothing left on the table', 'Look back once from the door.'],
            ] as $code => [$what, $why]
        ) {
            $door[] = new ListLine($code, $what, $why);
        }

        return new HomeLists(night: $night, door: $door);
    }

    /** A quarter of a litre an hour, half a litre in the heat (common practice, no source). */
    private static function water(float $hours, float $temperatureC): string
    {
        $litres = max(0.5, ceil(2 * $hours * ($temperatureC >= 25 ? 0.5 : 0.25)) / 2);

        return round($hours, 1).' h at '.Signed::of($temperatureC)." °C: about {$litres} l for each of you, and something to eat before the ".
            'hands get slow.';
    }

    /**
     * @param  list<string>  $bodies  labels
     * @param  array<string, bool>  $proved
     * @return list<ListLine>
     */
    private static function bodies(array $bodies, array $proved): array
    {
        if ($bodies === []) {
            return [new ListLine('bodies', 'No body is on the list', 'Put the bodies onto the packing list; clocks and modes are looked at here.')];
        }
        $all = implode(', ', $bodies);

        return [
            count($bodies) === 1
                ? new ListLine('clocks', "Set the clock of {$all} to the second", 'Times of frames are matched with the plan by it.')
                : new ListLine(
                    'clocks',
                    "Set the clocks of {$all} to the same second",
                    'Else frames of two photographers interleave wrongly.',
                    $proved['clock'] ?? null,
                ),
            new ListLine('modes', 'Mirror and raw on every body', 'Both slots, the same on both.', $proved['mode'] ?? null),
            new ListLine(
                'test-frames',
                'Test frames on every body',
                'They prove mode, file types, clock and exposure.',
                $proved === [] ? null : true,
            ),
        ];
    }

    /** @param  list<string>  $open */
    private static function packed(array $open, int $things): ListLine
    {
        return match (true) {
            $things === 0 => new ListLine('packed', 'Nothing is on the packing list', 'Of an empty list nothing is proved.', false),
            $open === [] => new ListLine('packed', 'Everything is packed', "All {$things} things of the list are ticked.", true),
            default => new ListLine(
                'packed',
                count($open) === 1 ? "{$open[0]} is not packed" : count($open).' things are not packed',
                Some::of($open, 5).'.',
                false,
            ),
        };
    }

    /** Only cards that were looked at are called empty. */
    private static function cards(CardsSeen $cards): ListLine
    {
        if ($cards->holding !== []) {
            $count = count($cards->holding);

            return new ListLine(
                'cards',
                $count === 1 ? "{$cards->holding[0]} still holds frames" : "{$count} cards still hold frames",
                ($count === 1 ? '' : Some::of($cards->holding, 6).'. ').
                    'Format none without its permit.',
            );
        }
        if ($cards->unseen > 0) {
            return new ListLine(
                'cards',
                Plural::of($cards->unseen, 'One card was not looked at', "{$cards->unseen} cards were not looked at"),
                'By its log each is ready; put them into the reader to see that they are empty.'.
                    ($cards->empty > 0 ? " {$cards->empty} others were looked at and are empty." : ''),
            );
        }

        return $cards->empty === 0
            ? new ListLine('cards', 'No card is on the list', 'Put the cards onto the packing list; they are looked at here.')
            : new ListLine(
                'cards',
                Plural::of(
                    $cards->empty,
                    'The card is empty, or holds test frames alone',
                    "{$cards->empty} cards are empty, or hold test frames alone",
                ),
                'Looked at in the reader just now.',
                true,
            );
    }
}
