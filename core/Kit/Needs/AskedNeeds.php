<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Plural;
use NorthSatchel\Time\Priority;

/** What somebody asked for in so many words, beside what follows from the plan. */
final class AskedNeeds
{
    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @return list<Need>
     */
    public static function asked(array $stretches, array $asks): array
    {
        $by = [];
        foreach ($stretches as $stretch) {
            $by[$stretch->id] = $stretch;
        }
        $needs = [];
        foreach ($asks as $ask) {
            $stretch = $by[$ask->segmentId] ?? null;
            $where = $stretch === null ? 'asked for by hand' : "“{$stretch->title}” at {$stretch->clock}";
            $at =
                $stretch === null
                    ? []
                    : array_map(static fn (string $lane): NeededAt => $stretch->at($lane, $ask->priority, $where), $stretch->lanes);
            $because = ucfirst($where).($ask->note === '' ? '.' : ": {$ask->note}.");
            foreach (self::expanded($ask) as [$what, $count, $title, $figures, $isSpare]) {
                $needs[] = new Need(
                    "{$what->value}-ask{$ask->id}",
                    $what,
                    $count,
                    $ask->priority,
                    $isSpare && $ask->priority === Priority::Must,
                    $title,
                    $because,
                    $at,
                    $figures,
                );
            }
        }

        return NeedsTogether::together($needs);
    }

    /** @return list<array{NeedWhat, int, string, array<string, float|string>, bool}> what an ask comes to */
    private static function expanded(Ask $ask): array
    {
        $n = $ask->count;
        if ($ask->what === NeedWhat::Light) {
            $guide = $ask->guideM();
            $title =
                $guide === null
                    ? Plural::of($n, 'a light', "{$n} lights")
                    : 'guide number '.round($guide).' m'.($n > 1 ? ", {$n} of them" : '');
            $lights = [[NeedWhat::Light, $n, $title, $guide === null ? [] : ['guide_m' => round($guide, 2)], true]];

            return $ask->distanceM === null
                ? $lights
                : [
                    ...$lights,
                    [NeedWhat::Trigger, 1, 'a trigger for the lights', [], true],
                    [NeedWhat::Stand, $n, Plural::of($n, 'a stand', "{$n} stands"), [], false],
                ];
        }
        if ($ask->what === NeedWhat::Remote) {
            return [
                [NeedWhat::Trigger, 1, 'a trigger for the remote', [], true],
                [NeedWhat::Clamp, $n, Plural::of($n, 'a clamp', "{$n} clamps"), [], false],
                [NeedWhat::SafetyCable, $n, 'a safety cable on each remote', [], false],
            ];
        }
        if ($ask->what === NeedWhat::Tether) {
            return [
                [NeedWhat::Tether, $n, 'a cable for tethering', [], true],
                [NeedWhat::Computer, 1, 'a computer to shoot into', [], true],
            ];
        }

        return [[$ask->what, $n, $ask->what->counted($n), [], $ask->what->isCritical()]];
    }
}
