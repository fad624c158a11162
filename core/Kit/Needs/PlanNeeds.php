<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Plan\Lights\SetupLight;
use NorthSatchel\Plural;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Priority;

/** What the plan asks of the kit, each with its reasons. */
final class PlanNeeds
{
    /** People who move a little, by what light there is (common practice, no source). */
    public const SHUTTER_S = 1 / 160;

    public const HIGHEST_ISO = 6400;

    /** Two focal lengths further apart than this in one segment leave no time to change lenses. */
    private const APART = 2.5;

    /** Nominal third stops (ISO 517; Exif). */
    private const STOPS = [1.4, 1.6, 1.8, 2, 2.2, 2.5, 2.8, 3.2, 3.5, 4, 4.5, 5, 5.6, 6.3, 7.1, 8];

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @param  list<SetupLight>  $setups  of a studio, with what stands in each
     * @return list<Need>
     */
    public static function of(array $stretches, array $asks, float $hours, int $days = 1, array $setups = []): array
    {
        $ofSetups = SetupNeeds::of($setups, $stretches);

        return [
            ...self::bodies($stretches, $asks),
            ...self::reaches($stretches),
            ...SceneReach::needs($stretches),
            ...SceneLights::needs($stretches, $asks, $ofSetups !== []),
            ...$ofSetups,
            ...self::apart($stretches),
            ...FillNeeds::of($stretches, $asks),
            ...AskedNeeds::asked($stretches, $asks),
            ...AlwaysNeeds::always($hours, $days),
        ];
    }

    /**
     * The widest stop that the light of a stretch asks for, as a nominal one; null where f/8 does.
     */
    public static function stopFor(?float $ev100): ?float
    {
        if ($ev100 === null) {
            return null;
        }
        $exact = sqrt((2 ** $ev100 * self::SHUTTER_S * self::HIGHEST_ISO) / 100);
        $fitting = array_filter(self::STOPS, static fn (float|int $stop): bool => $stop <= $exact + 1e-9);

        return match (true) {
            $fitting === [] => self::STOPS[0],
            count($fitting) === count(self::STOPS) => null,
            default => (float) max($fitting),
        };
    }

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @return list<Need>
     */
    private static function bodies(array $stretches, array $asks): array
    {
        $lanes = $both = [];
        foreach ($stretches as $stretch) {
            $focals = array_filter(
                array_map(static fn (PlannedShot $s): ?int => $s->priority === Priority::Must ? $s->focalMm : null, $stretch->shots),
            );
            $isWide = $focals !== [] && max($focals) >= self::APART * min($focals);
            foreach ($stretch->photographers() as $lane) {
                if ($stretch->frames() > 0) {
                    $lanes[$lane] = true;
                }
                if ($isWide && in_array($lane, $stretch->hands(), true)) {
                    $both[$lane] ??= $stretch->at(
                        $lane,
                        Priority::Should,
                        "“{$stretch->title}” at {$stretch->clock} wants ".min($focals).' and '.max($focals).' mm',
                    );
                }
            }
        }
        $remotes = array_sum(array_map(static fn (Ask $a): int => $a->what === NeedWhat::Remote ? $a->count : 0, $asks));
        $count = count($lanes) + $remotes;
        if ($count === 0) {
            return [];
        }
        $needs = [
            new Need(
                'body',
                NeedWhat::Body,
                $count,
                Priority::Must,
                true,
                Plural::of($count, 'a body', "{$count} bodies"),
                'One for each photographer'.match (true) {
                    $remotes === 0 => '',
                    $remotes === 1 => ' and one for the remote',
                    default => " and each of {$remotes} remotes",
                }.', and one more for when it fails.',
            ),
        ];
        if ($both !== []) {
            $needs[] = new Need(
                'body-harness',
                NeedWhat::Body,
                $count + count($both),
                Priority::Should,
                false,
                'a second body on the harness',
                'Two focal lengths within one segment and no time to change: '.
                    implode('; ', array_map(static fn (NeededAt $at): string => $at->why, $both)).
                    '.',
                array_values($both),
            );
        }

        return $needs;
    }

    /**
     * @param  list<PlannedStretch>  $stretches
     * @return list<Need>
     */
    private static function reaches(array $stretches): array
    {
        /** @var array<int, list<NeededAt>> $uses */
        $uses = [];
        $lights = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->shots as $shot) {
                if ($shot->focalMm === null) {
                    continue;
                }
                $lights[$shot->focalMm] = min($lights[$shot->focalMm] ?? INF, $stretch->ev100 ?? INF);
                foreach ($stretch->hands() as $lane) {
                    $uses[$shot->focalMm][] = $stretch->at($lane, $shot->priority, "“{$shot->what}” at {$stretch->clock}, {$lane}");
                }
            }
            $far = $stretch->farMm;
            $lane = $stretch->photographers()[0] ?? null;
            // One of them has it; what is near is the others'.
            if ($far !== null && $lane !== null && $stretch->frames() > 0) {
                $lights[$far] = min($lights[$far] ?? INF, $stretch->ev100 ?? INF);
                $uses[$far][] = $stretch->at($lane, $stretch->priority, "“{$stretch->title}” at {$stretch->clock}, {$lane}, from the back");
            }
        }
        ksort($uses);
        $needs = [];
        foreach ($uses as $focal => $at) {
            $priority = NeedsTogether::highest($at);
            $open = is_infinite($lights[$focal]) ? new OpenStop(null, '') : OpenStop::of($focal, $lights[$focal]);
            $stop = $open->fNumber;
            $count = NeedsTogether::atOnce($at, $priority);
            $needs[] = new Need(
                "reach-{$focal}",
                NeedWhat::Reach,
                $count,
                $priority,
                $priority === Priority::Must,
                "{$focal} mm".($stop === null ? '' : " at f/{$stop}").($count > 1 ? " in {$count} hands at once" : ''),
                NeedsTogether::why($at).($stop === null ? '.' : ": {$open->why}"),
                $at,
                ['focal_mm' => (float) $focal, ...$stop === null ? [] : ['f_number' => $stop]],
            );
        }

        return $needs;
    }

    /**
     * One zoom reaches two focal lengths, but not in two hands at the same minute: then two lenses must reach the one
     * or the other (P. Hall's condition, 1935, for two).
     *
     * @param  list<PlannedStretch>  $stretches
     * @return list<Need>
     */
    private static function apart(array $stretches): array
    {
        $needs = [];
        foreach ($stretches as $i => $one) {
            foreach (array_slice($stretches, $i + 1) as $other) {
                if ($one->from >= $other->to || $other->from >= $one->to || array_intersect($one->photographers(), $other->photographers()) !== []) {
                    continue;
                }
                foreach (self::mustFocals($one) as $a) {
                    foreach (self::mustFocals($other) as $b) {
                        [$short, $long] = [min($a, $b), max($a, $b)];
                        if ($short < $long) {
                            $needs["{$short} {$long}"] ??= new Need(
                                "reach-{$short}-and-{$long}",
                                NeedWhat::Reach,
                                2,
                                Priority::Must,
                                false,
                                "{$short} and {$long} mm in two hands",
                                "“{$one->title}” and “{$other->title}” at the same time: one lens cannot be in both.",
                                [$one->at($one->photographers()[0] ?? Lane::Lead->value, Priority::Must, "“{$one->title}” at {$one->clock}")],
                                ['focal_mm' => (float) $short, 'other_mm' => (float) $long],
                            );
                        }
                    }
                }
            }
        }

        return array_values($needs);
    }

    /** @return list<int> */
    private static function mustFocals(PlannedStretch $stretch): array
    {
        return array_values(
            array_unique(
                array_filter(
                    array_map(static fn (PlannedShot $s): ?int => $s->priority === Priority::Must ? $s->focalMm : null, $stretch->shots),
                ),
            ),
        );
    }
}
