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
     * @param  list<Gear>  $rest  of the shelf, that could still be put in
     * @return list<Verdict>
     */
    public static function of(array $needs, array $bag, array $rest = []): array
    {
        $verdicts = [];
        foreach ($needs as $need) {
            $mends = array_values(array_filter($rest, static fn (Gear $g): bool => $need->isGivenBy($g)));
            $have = count(array_filter($bag, static fn (Gear $g): bool => $need->isGivenBy($g)));
            // That cells carry a day on which nothing is planned with them is no news.
            if ($need->figure('idle') !== null && $have >= $need->count) {
                continue;
            }
            // Nor do cards carry frames that nobody has planned.
            if ($need->figure('frames') === 0.0 && $have >= $need->count) {
                continue;
            }
            if ($need->what === NeedWhat::Card) {
                $words = ['The cards', 'carry the planned frames', 'card'];
                $verdicts[] = self::said($need, $have, $mends, 'kit.cards', $words, 'cards_needed', 'cards_in_bag');
            } elseif ($need->what === NeedWhat::Cell) {
                $words = ["The {$need->text('cell_type')} cells", 'carry the day', 'cell'];
                $verdicts[] = self::said($need, $have, $mends, 'kit.cells', $words, 'cells_needed', 'cells_in_bag');
            }
        }

        return $verdicts;
    }

    /**
     * @param  list<Gear>  $mends  of the shelf, that would do
     * @param  array{string, string, string}  $words  who, what they do, and one of them
     */
    private static function said(Need $need, int $have, array $mends, string $code, array $words, string $needed, string $has): Verdict
    {
        [$who, $do, $kind] = $words;
        $short = $need->count - $have;
        $because = "{$need->because} That makes {$need->count}; the bag holds {$have} that will do.";
        $figures = [$needed => $need->count, $has => $have];
        $put = array_slice($mends, 0, max(0, $short));
        $still = $short - count($put);
        $because .= match (true) {
            $still <= 0 => '',
            $put === [] => ' Nothing on the shelf does: hire or borrow '.$need->toHire($short).'.',
            default => ' The shelf has '.count($put)." more; hire or borrow {$still} beyond that.",
        };
        $because .= $short > 0 && $need->wantsSpare ? ' And one more is the spare.' : '';
        $looked = Looked::at($have, $kind);

        $told = $need->isMust() ? Verdict::fix(...) : Verdict::mind(...);

        return $short > 0 || $looked === null
            ? $told("{$code}-short", "{$who} fall {$short} short.", $because, $figures, self::remedy($put))
            : Verdict::fine($code, "{$who} {$do}.", $because, $looked, $figures);
    }

    /** @param  list<Gear>  $put */
    private static function remedy(array $put): ?Remedy
    {
        return $put === []
            ? null
            : new Remedy('kit.add-all', 'Put '.count($put).' from the shelf in', [
                'items' => implode(',', array_map(static fn (Gear $g): int => $g->id, $put)),
            ]);
    }
}
