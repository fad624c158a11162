<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Some;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;

/** People can fail too: what is lost when a photographer is ill, and what the others can take over. */
final class PersonLoss
{
    /**
     * @param  list<PlannedStretch>  $stretches
     * @return list<Verdict>
     */
    public static function of(array $stretches): array
    {
        $lanes = array_values(
            array_unique(array_merge(...array_map(static fn (PlannedStretch $s): array => $s->photographers(), $stretches) ?: [[]])),
        );
        if (count($lanes) < 2) {
            return $lanes === []
                ? []
                : [
                    Verdict::mind(
                        'kit.person',
                        'Nobody stands in for you.',
                        'One photographer, and no second: name somebody who would come, and give them the plan.',
                    ),
                ];
        }
        $verdicts = [];
        foreach ($lanes as $lane) {
            $lost = $taken = [];
            foreach ($stretches as $stretch) {
                if ($stretch->photographers() !== [$lane] || $stretch->priority !== Priority::Must) {
                    continue;
                }
                $isFree =
                    array_filter(
                        $stretches,
                        static fn (PlannedStretch $o): bool => $o->priority === Priority::Must &&
                            array_diff($o->photographers(), [$lane]) !== [] &&
                            $o->from < $stretch->to &&
                            $stretch->from < $o->to,
                    ) === [];
                $isFree ? ($taken[] = $stretch) : ($lost[] = $stretch);
            }
            if ($lost === [] && $taken === []) {
                continue;
            }
            $verdicts[] = Verdict::mind(
                'kit.person',
                'If the '.
                    $lane.
                    ' falls ill, '.
                    ($lost === []
                        ? 'every must can be taken over.'
                        : count($lost).' of '.count([...$lost, ...$taken]).' musts have nobody.'),
                implode(
                    ' ',
                    array_filter([
                        $lost === [] ? '' : 'Somebody else is busy with a must during '.self::listed($lost).'.',
                        $taken === [] ? '' : 'Nobody else has a must during '.self::listed($taken).': what is less gives way.',
                    ]),
                ),
                ['lost' => count($lost)],
            );
        }

        return $verdicts;
    }

    /** @param  list<PlannedStretch>  $some */
    private static function listed(array $some): string
    {
        $names = array_map(static fn (PlannedStretch $s): string => "“{$s->title}” at {$s->clock}", $some);

        return Some::of($names, 3);
    }
}
