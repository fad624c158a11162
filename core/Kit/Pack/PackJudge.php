<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Do the bags hold it, and can it be carried? */
final class PackJudge
{
    /** What one person carries all day without a sore back (common practice, no source). */
    private const ALL_DAY_G = 12_000;

    /** Bags that hang on somebody. */
    private const WORN = ['hip', 'pouch', 'harness'];

    /**
     * @param  list<PackedBag>  $bags
     * @param  list<PackedItem>  $loose  in no bag
     * @param  array<string, int>  $gramsByLane
     * @return list<Verdict>
     */
    public static function of(array $bags, array $loose, array $gramsByLane): array
    {
        $verdicts = [];
        foreach ($bags as $bag) {
            $over = $bag->placesTaken() - $bag->places;
            if ($over > 0) {
                $verdicts[] = Verdict::fix(
                    'pack.full',
                    "{$bag->name} has {$over} ".Plural::of($over, 'thing', 'things').' too many.',
                    Plural::of($bag->places, '1 place', "{$bag->places} places").
                        ", and {$bag->placesTaken()} are taken, six small things to one: move something into another bag.",
                    ['over' => $over],
                );
            }
            if ($bag->limitG !== null && $bag->grams() > $bag->limitG) {
                $verdicts[] = Verdict::fix(
                    'pack.heavy',
                    "{$bag->name} is ".self::kg($bag->grams() - $bag->limitG).' over.',
                    self::kg($bag->grams()).' in it, '.self::kg($bag->limitG).' allowed.',
                    ['over_g' => $bag->grams() - $bag->limitG],
                );
            }
        }
        if ($bags !== [] && $loose !== []) {
            $verdicts[] = Verdict::mind(
                'pack.loose',
                count($loose) === 1 ? "{$loose[0]->label} is in no bag." : count($loose).' things are in no bag.',
                Some::of(array_map(static fn (PackedItem $i): string => $i->label, $loose), 4).'.',
                ['loose' => count($loose)],
            );
        }
        foreach ($gramsByLane as $lane => $grams) {
            if ($grams > self::ALL_DAY_G) {
                $verdicts[] = Verdict::mind(
                    'pack.weight',
                    "The {$lane} carries ".self::kg($grams).'.',
                    'More than twelve kilograms on one person all day: leave a case where it is needed, or share it.',
                    ['grams' => $grams],
                );
            }
        }

        return [...$verdicts, ...self::atHand($bags), ...self::count($bags, $loose)];
    }

    /**
     * What is swapped while it goes on hangs on the body, some of it at least: a card or a cell in the case is minutes away.
     *
     * @param  list<PackedBag>  $bags
     * @return list<Verdict>
     */
    private static function atHand(array $bags): array
    {
        $in = static fn (string $kind, bool $isWorn): array => array_merge(...array_map(
            static fn (PackedBag $b): array => in_array($b->kind, self::WORN, true) !== $isWorn
                ? []
                : array_values(array_filter($b->items, static fn (PackedItem $i): bool => $i->kind === $kind)),
            $bags,
        ));
        $verdicts = [];
        foreach (['card' => 'cards', 'cell' => 'cells'] as $kind => $many) {
            $away = $in($kind, false);
            if ($away !== [] && $in($kind, true) === []) {
                $count = count($away);
                $verdicts[] = Verdict::mind(
                    'pack.at-hand',
                    "No {$kind} is on the body.",
                    ($count === 1 ? "{$away[0]->label} lies" : "{$count} {$many} lie").' in a case or a backpack: some of them into a hip bag, a '.
                        'pouch or the harness, or a swap is a walk.',
                    ['away' => $count],
                );
            }
        }

        return $verdicts;
    }

    /**
     * @param  list<PackedBag>  $bags
     * @param  list<PackedItem>  $loose
     * @return list<Verdict>
     */
    private static function count(array $bags, array $loose): array
    {
        $all = array_merge($loose, ...array_map(static fn (PackedBag $b): array => $b->items, $bags));
        $open = array_values(array_filter($all, static fn (PackedItem $i): bool => ! $i->isPacked));
        $looked = Looked::at(count($all), 'thing');
        if ($looked === null) {
            return [];
        }
        $count = $looked->count;

        return $open === []
            ? [Verdict::fine(
                'pack.done',
                'Everything is in.',
                Plural::of($count, 'The one thing is ticked.', "All {$count} things are ticked."),
                $looked,
                ['things' => $count],
            )]
            : [
                Verdict::mind(
                    'pack.open',
                    $count - count($open)." of {$count} things are in.",
                    "Next, in packing order: {$open[0]->label}".(isset($open[1]) ? ", then {$open[1]->label}" : '').'.',
                    ['open' => count($open)],
                ),
            ];
    }

    public static function kg(int $grams): string
    {
        return number_format($grams / 1000, 1).' kg';
    }
}
