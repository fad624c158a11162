<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Does the bag carry the plan? Cards, cells, reach, and what is not packed yet. */
final class BagJudge
{
    /** Never filled to the last frame, never drained to the last per cent (common practice, no source). */
    public const CARD_RESERVE = 0.1;

    public const CELL_RESERVE = 0.15;

    public static function of(Bag $bag): Verdicts
    {
        return new Verdicts(
            array_filter([
                ...self::lanesWithoutBody($bag),
                self::cards($bag),
                ...self::cells($bag),
                ...self::reach($bag),
                self::packing($bag),
            ]),
        );
    }

    /** @return list<Verdict> */
    private static function lanesWithoutBody(Bag $bag): array
    {
        $verdicts = [];
        $carried = array_map(static fn (BagBody $b): string => $b->lane, $bag->bodies);
        foreach ($bag->framesByLane as $lane => $frames) {
            if ($frames > 0 && ! in_array($lane, $carried, true)) {
                $verdicts[] = Verdict::stop(
                    'kit.no-body',
                    "The {$lane} photographer has no body.",
                    "The plan asks {$frames} frames of that lane.",
                    ['frames' => $frames],
                );
            }
        }

        return $verdicts;
    }

    private static function cards(Bag $bag): ?Verdict
    {
        if ($bag->bodies === []) {
            return null;
        }
        $sizes = $bag->cardsGb;
        rsort($sizes);
        $gb = $sizes === [] ? 0.0 : $sizes[min(count($sizes), 2 * count($bag->bodies)) - 1];
        $sets = 0;
        $said = [];
        foreach ($bag->bodies as $body) {
            $frames = $bag->framesOf($body);
            $budget = CardBudget::of($frames, $body->rawMb, $body->jpegMb, $body->mode, [$gb, $gb], self::CARD_RESERVE);
            $needed = max(1, $budget->cardSets ?? 1);
            $sets += $needed;
            $mb = $body->rawMb + $body->jpegMb;
            $said[] =
                "{$body->label}: {$frames} frames × {$mb} MB, {$budget->framesPerSet} a pair, {$needed} ".
                ($needed === 1 ? 'pair' : 'pairs');
        }
        $have = intdiv(count($sizes), 2);
        $because =
            implode('; ', $said).
            ". The bag holds {$have} ".
            ($have === 1 ? 'pair' : 'pairs').
            ' ('.
            count($sizes).
            ' cards, 10 % of each kept free).';
        $figures = ['pairs_needed' => $sets, 'pairs_in_bag' => $have];
        if ($have < $sets) {
            $short = ($sets - $have) * 2;

            return Verdict::fix(
                'kit.cards-short',
                "The cards fall {$short} short.",
                $because,
                $figures,
                new Remedy('kit.add-kind', "Put {$short} from the shelf in", ['kind' => 'card', 'count' => $short]),
            );
        }

        return Verdict::fine('kit.cards', 'The cards carry the planned frames.', $because, $figures);
    }

    /** @return list<Verdict> */
    private static function cells(Bag $bag): array
    {
        $needed = [];
        $said = [];
        foreach ($bag->bodies as $body) {
            $frames = $bag->framesOf($body);
            $budget = BatteryBudget::of(
                $frames,
                $body->framesPerCharge,
                $bag->coveredHours,
                $body->standbyHoursPerCharge,
                $bag->temperatureC,
                self::CELL_RESERVE,
            );
            $charges = max(1, $budget->charges);
            $needed[$body->cellType] = ($needed[$body->cellType] ?? 0) + $charges;
            $said[
                $body->cellType
            ][] = "{$body->label} {$charges} ({$frames} ÷ {$body->framesPerCharge} frames ".
                "+ {$bag->coveredHours} ÷ {$body->standbyHoursPerCharge} h)";
        }
        $percent = round(BatteryBudget::derate($bag->temperatureC) * 100);
        $verdicts = [];
        foreach ($needed as $type => $count) {
            $have = $bag->cells[$type] ?? 0;
            $because =
                "At {$bag->temperatureC} °C a charge holds {$percent} %, and 15 % is kept back: ".
                implode(', ', $said[$type]).
                " make {$count}; the bag holds {$have}.";
            $figures = ['cells_needed' => $count, 'cells_in_bag' => $have];
            $short = $count - $have;
            $verdicts[] =
                $short > 0
                    ? Verdict::fix(
                        'kit.cells-short',
                        "The {$type} cells fall {$short} short.",
                        $because,
                        $figures,
                        new Remedy('kit.add-kind', "Put {$short} from the shelf in", ['kind' => 'cell', 'count' => $short]),
                    )
                    : Verdict::fine('kit.cells', "The {$type} cells carry the day.", $because, $figures);
        }

        return $verdicts;
    }

    /** @return list<Verdict> */
    private static function reach(Bag $bag): array
    {
        $verdicts = [];
        $covered = 0;
        foreach ($bag->reaches as $wanted) {
            $carried = array_filter(
                $bag->lenses,
                static fn (BagLens $l): bool => $l->lane === $wanted->lane && $l->reaches($wanted->focalMm),
            );
            if ($carried !== []) {
                $covered++;

                continue;
            }
            $verdicts[] = self::reachGap($bag, $wanted);
        }
        if ($covered > 0 && $verdicts === []) {
            $verdicts[] = Verdict::fine(
                'kit.reach',
                'Every focal length the shots ask for is in the bag.',
                "{$covered} shots name one, and each photographer carries a lens that holds it.",
                ['shots' => $covered],
            );
        }

        return $verdicts;
    }

    private static function reachGap(Bag $bag, WantedReach $wanted): Verdict
    {
        $own = array_filter($bag->lenses, static fn (BagLens $l): bool => $l->lane === $wanted->lane);
        $list = $own === [] ? 'no lens' : implode(', ', array_map(static fn (BagLens $l): string => $l->label, $own));
        $mend = null;
        foreach ($bag->shelfLenses as $lens) {
            if ($lens->reaches($wanted->focalMm)) {
                $mend = new Remedy('kit.add', "Put {$lens->label} in", ['item' => $lens->itemId, 'lane' => $wanted->lane]);
                break;
            }
        }

        return Verdict::fix(
            'kit.reach-gap',
            "{$wanted->focalMm} mm is missing for “{$wanted->shot}”.",
            "The {$wanted->lane} photographer carries {$list}, and none of it reaches {$wanted->focalMm} mm.".
                ($mend === null ? ' Nothing on the shelf does either: hire one.' : ''),
            ['focal_mm' => $wanted->focalMm],
            $mend,
        );
    }

    private static function packing(Bag $bag): Verdict
    {
        $open = count($bag->unpacked);
        if ($bag->items === 0) {
            return Verdict::fix('kit.empty', 'The bag is empty.', 'Nothing has been put on the packing list yet.');
        }
        if ($open === 0) {
            return Verdict::fine('kit.packed', 'Everything on the list is packed.', "All {$bag->items} items are ticked.", [
                'items' => $bag->items,
            ]);
        }
        $first = implode(', ', array_slice($bag->unpacked, 0, 3)).($open > 3 ? ' and more' : '');

        return Verdict::fix(
            'kit.unpacked',
            $open === 1 ? 'One item is not packed yet.' : "{$open} items are not packed yet.",
            $bag->items - $open." of {$bag->items} are ticked; open: {$first}.",
            ['open' => $open],
        );
    }
}
