<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Looked;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** Do the cards and cells of the bag carry the plan? From the same needs as everything else that is said of the kit. */
final class BudgetJudge
{
    /**
     * @param  list<Need>  $needs
     * @param  list<Gear>  $bag  that can be used
     * @return list<Verdict>
     */
    public static function of(array $needs, array $bag): array
    {
        $verdicts = [];
        foreach ($needs as $need) {
            $have = count(array_filter($bag, static fn (Gear $g): bool => $need->isGivenBy($g)));
            if ($need->what === NeedWhat::Card) {
                $verdicts[] = self::said($need, $have, 'kit.cards', 'The cards', 'carry the planned frames', 'card', 'cards_needed', 'cards_in_bag');
            } elseif ($need->what === NeedWhat::Cell) {
                $type = $need->text('cell_type');
                $verdicts[] = self::said($need, $have, 'kit.cells', "The {$type} cells", 'carry the day', 'cell', 'cells_needed', 'cells_in_bag');
            }
        }

        return $verdicts;
    }

    private static function said(Need $need, int $have, string $code, string $who, string $do, string $kind, string $needed, string $has): Verdict
    {
        $short = $need->count - $have;
        $because = "{$need->because} That makes {$need->count}; the bag holds {$have} that will do.";
        $figures = [$needed => $need->count, $has => $have];
        $put = new Remedy('kit.add-kind', "Put {$short} from the shelf in", ['kind' => $kind, 'count' => $short]);

        $looked = Looked::at($have, $kind);

        return $short > 0 || $looked === null
            ? Verdict::fix("{$code}-short", "{$who} fall {$short} short.", $because, $figures, $put)
            : Verdict::fine($code, "{$who} {$do}.", $because, $looked, $figures);
    }
}
