<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

use NorthSatchel\Looked;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Is everything back? What was placed where and not fetched, and what is missing at the count (M11). */
final class LeaveCheck
{
    /**
     * @param  list<Placement>  $placements  in the order of time
     * @return array<int, Placement> by thing, those still standing somewhere
     */
    public static function standing(array $placements): array
    {
        $standing = [];
        foreach ($placements as $placement) {
            if ($placement->isFetched) {
                unset($standing[$placement->itemId]);
            } else {
                $standing[$placement->itemId] = $placement;
            }
        }

        return $standing;
    }

    /**
     * @param  list<Placement>  $placements
     * @param  array<string, string>  $leaving  by place name, the clock time at which the plan leaves it for good
     * @param  array<int, string>  $packed  labels of what went along
     * @param  array<int, true>  $home  what was counted back
     * @return list<Verdict>
     */
    public static function of(array $placements, array $leaving, array $packed, array $home): array
    {
        $verdicts = [];
        // What was counted at home stands nowhere else, whether somebody ticked it there or not.
        $standing = array_diff_key(self::standing($placements), $home);
        $byPlace = [];
        foreach ($standing as $placement) {
            $byPlace[$placement->place][] = $placement->label;
        }
        foreach ($byPlace as $place => $labels) {
            $at = $leaving[$place] ?? null;
            $verdicts[] = Verdict::fix(
                'home.standing',
                count($labels) === 1 ? "{$labels[0]} still stands at {$place}." : count($labels)." things still stand at {$place}.",
                implode(', ', $labels).
                    ($at === null ? '' : ": the plan leaves {$place} for good at {$at}").
                    '. Fetch them before, and tick them.',
                ['things' => count($labels)],
            );
        }
        $looked = Looked::at(count($packed), 'thing');
        if ($home === [] || $looked === null) {
            return $verdicts;
        }
        $missing = array_diff_key($packed, $home);
        if ($missing === []) {
            return $verdicts !== [] ? $verdicts : [
                Verdict::fine('home.all', 'Everything is home.', "{$looked->words} went, all came back.", $looked, [
                    'things' => $looked->count,
                ]),
            ];
        }
        $said = [];
        foreach ($missing as $id => $label) {
            $last = array_values(array_filter($placements, static fn (Placement $p): bool => $p->itemId === $id));
            $seen = $last === [] ? null : $last[count($last) - 1];
            $said[] = $label.($seen === null ? ' (last seen when it was packed)' : " (last at {$seen->place}, {$seen->clock})");
        }

        return [
            ...$verdicts,
            Verdict::fix(
                'home.missing',
                count($missing) === 1 ? reset($missing).' is not home.' : count($missing).' things are not home.',
                Some::of($said, 4, '; ').'.',
                ['missing' => count($missing)],
            ),
        ];
    }
}
