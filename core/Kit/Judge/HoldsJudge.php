<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\CarriedLenses;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeededAt;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** Who holds what, when: a lens that is with somebody at another spot at that minute is not there (M31). */
final class HoldsJudge
{
    /**
     * @param  list<Carried>  $carried
     * @param  list<Need>  $needs
     * @param  list<PlannedStretch>  $stretches
     * @return list<Verdict>
     */
    public static function of(array $carried, array $needs, array $stretches): array
    {
        $lenses = new CarriedLenses($carried);
        $verdicts = [];
        foreach ($needs as $need) {
            $holders =
                $need->what === NeedWhat::Reach && $need->figure('other_mm') === null
                    ? array_values(
                        array_filter(
                            $carried,
                            static fn (Carried $c): bool => $need->isGivenBy($c->gear, $lenses->cropFor($c->gear, $c->lane)),
                        ),
                    )
                    : [];
            foreach ($holders === [] ? [] : $need->at as $at) {
                $isOwn = static fn (Carried $h): bool => $h->lane === $at->lane;
                // Who wants it at the same minute hands nothing over: there it is one more that is missing, and that is said elsewhere.
                $held = array_count_values(array_map(static fn (Carried $h): string => $h->lane, $holders));
                $free = array_filter($holders, static fn (Carried $h): bool => $held[$h->lane] > 1 || ! self::isInUse($need, $at, $h->lane));
                if (array_filter($holders, $isOwn) !== [] || $free === []) {
                    continue;
                }
                $holder = $free[array_key_first($free)];
                $verdicts[] = self::elsewhere($need, $at, $holder->gear, $holder->lane, $stretches);
                break;
            }
        }

        return $verdicts;
    }

    private static function isInUse(Need $need, NeededAt $at, string $lane): bool
    {
        return array_filter($need->at, static fn (NeededAt $other): bool => $other->lane === $lane && $other->meets($at)) !== [];
    }

    /** @param  list<PlannedStretch>  $stretches */
    private static function elsewhere(Need $need, NeededAt $at, Gear $gear, string $lane, array $stretches): Verdict
    {
        $busy = null;
        foreach ($stretches as $stretch) {
            if (
                in_array($lane, $stretch->lanes, true) &&
                $stretch->from < $at->to &&
                $at->from < $stretch->to &&
                ! in_array($at->lane, $stretch->lanes, true)
            ) {
                $busy = $stretch;
            }
        }
        $remedy = new Remedy('kit.carry', "Let the {$at->lane} carry {$gear->label}", ['item' => $gear->id, 'lane' => $at->lane]);
        if ($busy !== null && $busy->placeId !== $at->placeId) {
            return Verdict::fix(
                'kit.elsewhere',
                "{$gear->label} is with the {$lane} at another place.",
                ucfirst($need->toHire())." is wanted for {$at->why}; at that minute the {$lane} is at “{$busy->title}” ({$busy->clock}).",
                [],
                $remedy,
            );
        }

        return Verdict::mind(
            'kit.hand-over',
            "The {$lane} carries {$gear->label}, the {$at->lane} needs it.",
            ucfirst($need->toHire())." is wanted for {$at->why}: hand it over before, or let the {$at->lane} carry it from the start.",
            [],
            $remedy,
        );
    }
}
