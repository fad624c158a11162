<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** The short list of the night before, and the one at the door; what can be proved is proved, the rest is ticked. */
final class NightList
{
    /**
     * @param  array<string, int>  $cellsByType  in the bag
     * @param  list<string>  $bodies  labels
     * @param  int  $cardsReady  formatted and empty
     * @param  int  $cardsWaiting  with frames that may not be formatted yet
     * @param  array<string, bool>  $proved  by code of the camera check: mode, types, clock; absent where nothing was read
     * @param  list<string>  $open  labels that are not packed
     * @param  list<string>  $papers  in the bag
     * @return array{night: list<ListLine>, door: list<ListLine>}
     */
    public static function of(array $cellsByType, array $bodies, int $cardsReady, int $cardsWaiting, array $proved, array $open, array $papers): array
    {
        $night = [];
        foreach ($cellsByType as $type => $count) {
            $night[] = new ListLine('charge-'.substr(hash('xxh32', (string) $type), 0, 6), 'Charge '.$count.($count === 1 ? ' cell' : ' cells')." of type {$type}", 'On the charger before you sleep, in the bag in the morning.');
        }
        $all = implode(', ', $bodies);
        $night[] = new ListLine('clocks', "Set the clocks of {$all} to the same second", 'Else frames of two photographers interleave wrongly.', $proved['clock'] ?? null);
        $night[] = new ListLine('modes', 'Mirror and raw on every body', 'Both slots, the same on both.', $proved['mode'] ?? null);
        $night[] = new ListLine('test-frames', 'Test frames on every body', 'They prove mode, file types, clock and exposure.', $proved === [] ? null : true);
        $night[] = new ListLine('cards', $cardsWaiting > 0 ? "{$cardsWaiting} cards still hold frames" : "{$cardsReady} cards are empty", $cardsWaiting > 0 ? 'Format none without its permit.' : 'Formatted in the camera, after the permit.', $cardsWaiting === 0 ? true : null);
        $night[] = new ListLine('glass', 'Front elements and sensors looked at', 'A plain frame of each body, looked through.');
        $door = [new ListLine('packed', $open === [] ? 'Everything is packed' : count($open).' things are not packed', $open === [] ? 'All of the list is ticked.' : implode(', ', array_slice($open, 0, 5)).(count($open) > 5 ? ' and more' : '').'.', $open === [])];
        foreach ($papers as $paper) {
            $door[] = new ListLine('paper-'.substr(hash('xxh32', $paper), 0, 6), $paper, 'In the hand, not in the case.');
        }
        foreach (['phone' => ['Phone charged, its charger along', 'It holds times and contacts.'], 'food' => ['Water, food, pain relief, sun cream', 'Nine hours are long.'], 'lights' => ['Chargers unplugged, nothing left on the table', 'Look back once from the door.']] as $code => [$what, $why]) {
            $door[] = new ListLine($code, $what, $why);
        }

        return ['night' => $night, 'door' => $door];
    }
}
