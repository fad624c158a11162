<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/**
 * Lithium cells in aircraft: spares in hand luggage; up to 100 Wh, two of 100 to 160 Wh with the airline's approval,
 * none above (ICAO Technical Instructions, IATA DGR; from memory). The airline decides.
 */
final class FlightJudge
{
    public const FREE_WH = 100.0;

    public const APPROVED_WH = 160.0;

    private const APPROVED_COUNT = 2;

    /**
     * @param  list<Gear>  $bag
     * @return list<Verdict>
     */
    public static function of(array $bag): array
    {
        $cells = array_values(array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Cell));
        $looked = Looked::at(count($cells), 'cell');
        if ($looked === null) {
            return [];
        }
        $over = array_filter($cells, static fn (Gear $g): bool => ($g->number('cell_wh') ?? 0) > self::APPROVED_WH);
        $large = array_filter(
            $cells,
            static fn (Gear $g): bool => ($g->number('cell_wh') ?? 0) > self::FREE_WH && $g->number('cell_wh') <= self::APPROVED_WH,
        );
        $unknown = array_filter($cells, static fn (Gear $g): bool => $g->number('cell_wh') === null);
        $decides = ' The airline decides; ask it in writing.';
        $verdicts = [];
        if ($over !== []) {
            $verdicts[] = Verdict::stop(
                'kit.flight',
                self::names($over).' cannot fly.',
                'Above 160 Wh no cell goes with passengers.'.$decides,
                ['cells' => count($over)],
            );
        }
        if (count($large) > self::APPROVED_COUNT) {
            $verdicts[] = Verdict::stop(
                'kit.flight',
                count($large).' cells between 100 and 160 Wh are too many.',
                'Two a person may fly with the approval of the airline: '.self::names($large).'.'.$decides,
                ['cells' => count($large)],
            );
        } elseif ($large !== []) {
            $verdicts[] = Verdict::fix(
                'kit.flight',
                'Ask the airline about '.self::names($large).'.',
                'Between 100 and 160 Wh, two a person with its approval.'.$decides,
                ['cells' => count($large)],
            );
        }
        if ($unknown !== []) {
            $verdicts[] = Verdict::mind(
                'kit.flight',
                'How many watt-hours '.Plural::of(count($unknown), 'has ', 'have ').self::names($unknown).'?',
                'It is printed on the cell: volts × ampere-hours.'.$decides,
                ['cells' => count($unknown)],
            );
        }

        return $verdicts === []
            ? [
                Verdict::fine(
                    'kit.flight',
                    'The cells may fly, in hand luggage.',
                    Plural::of(count($cells), '1 spare cell, not', count($cells).' spare cells, none').
                        ' above 100 Wh; contacts covered, none damaged.'.$decides,
                    $looked,
                    ['cells' => count($cells)],
                ),
            ]
            : $verdicts;
    }

    /** @param  array<Gear>  $some */
    private static function names(array $some): string
    {
        return Some::of(array_map(static fn (Gear $g): string => $g->label, $some), 4);
    }
}
