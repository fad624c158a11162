<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;

/** What the plan asks of the kit, each with its reasons. */
final class PlanNeeds
{
    /** People who move a little, by what light there is (common practice, no source). */
    private const SHUTTER_S = 1 / 160;

    private const HIGHEST_ISO = 6400;

    /** Two focal lengths further apart than this in one segment leave no time to change lenses. */
    private const APART = 2.5;

    private const LONG_JOB_H = 8;

    /** Nominal third stops (ISO 517; Exif). */
    private const STOPS = [1.4, 1.6, 1.8, 2, 2.2, 2.5, 2.8, 3.2, 3.5, 4, 4.5, 5, 5.6, 6.3, 7.1, 8];

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @return list<Need>
     */
    public static function of(array $stretches, array $asks, float $hours, int $days = 1): array
    {
        return [
            ...self::bodies($stretches, $asks),
            ...self::reaches($stretches),
            ...self::apart($stretches),
            ...self::asked($stretches, $asks),
            ...self::always($hours, $days),
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
            foreach ($stretch->lanes as $lane) {
                if (array_sum(array_map(static fn (PlannedShot $s): int => $s->frames, $stretch->shots)) > 0) {
                    $lanes[$lane] = true;
                }
                if ($isWide) {
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
                $count === 1 ? 'a body' : "{$count} bodies",
                'One for each photographer'.($remotes > 0 ? " and each of {$remotes} remotes" : '').', and one more for when it fails.',
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
        $stops = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->shots as $shot) {
                if ($shot->focalMm === null) {
                    continue;
                }
                $stop = self::stopFor($stretch->ev100);
                $stops[$shot->focalMm] = min($stops[$shot->focalMm] ?? INF, $stop ?? INF);
                foreach ($stretch->lanes as $lane) {
                    $uses[$shot->focalMm][] = $stretch->at($lane, $shot->priority, "“{$shot->what}” at {$stretch->clock}, {$lane}");
                }
            }
        }
        ksort($uses);
        $needs = [];
        foreach ($uses as $focal => $at) {
            $priority = self::highest($at);
            $stop = is_infinite($stops[$focal]) ? null : $stops[$focal];
            $count = self::atOnce($at, $priority);
            $words = array_values(array_unique(array_map(static fn (NeededAt $n): string => $n->why, $at)));
            $needs[] = new Need(
                "reach-{$focal}",
                NeedWhat::Reach,
                $count,
                $priority,
                $priority === Priority::Must,
                "{$focal} mm".($stop === null ? '' : " at f/{$stop}"),
                implode('; ', array_slice($words, 0, 3)).
                    (count($words) > 3 ? ' and '.(count($words) - 3).' more' : '').
                    ($stop === null ? '.' : ": f/{$stop} or wider at 1/160 s and ISO 6400 in that light."),
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
                if ($one->from >= $other->to || $other->from >= $one->to || array_intersect($one->lanes, $other->lanes) !== []) {
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
                                [$one->at($one->lanes[0], Priority::Must, "“{$one->title}” at {$one->clock}")],
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
                    array_map(static fn (PlannedShot $s): int => $s->priority === Priority::Must ? (int) $s->focalMm : 0, $stretch->shots),
                ),
            ),
        );
    }

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @return list<Need>
     */
    private static function asked(array $stretches, array $asks): array
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

        return self::together($needs);
    }

    /** @return list<array{NeedWhat, int, string, array<string, float|string>, bool}> what an ask comes to */
    private static function expanded(Ask $ask): array
    {
        $n = $ask->count;
        if ($ask->what === NeedWhat::Light) {
            $guide = $ask->guideM();
            $title =
                $guide === null
                    ? ($n === 1
                        ? 'a light'
                        : "{$n} lights")
                    : 'guide number '.round($guide).' m'.($n > 1 ? ", {$n} of them" : '');
            $lights = [[NeedWhat::Light, $n, $title, $guide === null ? [] : ['guide_m' => round($guide, 2)], true]];

            return $ask->distanceM === null
                ? $lights
                : [
                    ...$lights,
                    [NeedWhat::Trigger, 1, 'a trigger for the lights', [], true],
                    [NeedWhat::Stand, $n, $n === 1 ? 'a stand' : "{$n} stands", [], false],
                ];
        }
        if ($ask->what === NeedWhat::Remote) {
            return [
                [NeedWhat::Trigger, 1, 'a trigger for the remote', [], true],
                [NeedWhat::Clamp, $n, $n === 1 ? 'a clamp' : "{$n} clamps", [], false],
                [NeedWhat::SafetyCable, $n, 'a safety cable on each remote', [], false],
            ];
        }
        if ($ask->what === NeedWhat::Tether) {
            return [
                [NeedWhat::Tether, $n, 'a cable for tethering', [], true],
                [NeedWhat::Computer, 1, 'a computer to shoot into', [], true],
            ];
        }

        return [[$ask->what, $n, $n === 1 ? "a {$ask->what->value}" : "{$n} × {$ask->what->value}", [], $ask->what->isCritical()]];
    }

    /** @return list<Need> */
    private static function always(float $hours, int $days): array
    {
        $needs = [
            new Need(
                'reader',
                NeedWhat::Reader,
                1,
                Priority::Must,
                true,
                'a card reader',
                'Cards are copied by reader, not from the camera.',
            ),
            new Need(
                'drive',
                NeedWhat::Drive,
                1,
                Priority::Must,
                true,
                'a drive',
                'Two verified copies before a card may be formatted, so two drives; with one of them gone the cards stay as they are.',
            ),
        ];
        if ($hours >= self::LONG_JOB_H || $days > 1) {
            $needs[] = new Need(
                'charger',
                NeedWhat::Charger,
                1,
                $days > 1 ? Priority::Must : Priority::Should,
                false,
                'a charger',
                $days > 1 ? "{$days} days: cells are charged in between." : "A day of {$hours} h: cells are charged in between.",
            );
        }

        return $needs;
    }

    /**
     * The same thing asked for at different times is one thing; at the same time it is several.
     *
     * @param  list<Need>  $needs
     * @return list<Need>
     */
    private static function together(array $needs): array
    {
        /** @var array<string, Need> $kept */
        $kept = [];
        foreach ($needs as $need) {
            $key = $need->what->value.serialize($need->figures);
            $other = $kept[$key] ?? null;
            if ($other === null) {
                $kept[$key] = $need;

                continue;
            }
            $isAtOnce =
                $need->at === [] ||
                $other->at === [] ||
                array_filter($need->at, static fn (NeededAt $a): bool => array_filter($other->at, $a->meets(...)) !== []) !== [];
            $count = $need->what === NeedWhat::Trigger || ! $isAtOnce ? max($need->count, $other->count) : $need->count + $other->count;
            $kept[$key] = new Need(
                $other->id,
                $need->what,
                $count,
                $need->isMust() ? Priority::Must : $other->priority,
                $need->wantsSpare || $other->wantsSpare,
                $count === $other->count ? $other->title : "{$count} × {$need->what->value}",
                $other->because === $need->because ? $need->because : "{$other->because} {$need->because}",
                [...$other->at, ...$need->at],
                $need->figures,
            );
        }

        return array_values($kept);
    }

    /** @param  list<NeededAt>  $at */
    private static function highest(array $at): Priority
    {
        foreach (Priority::cases() as $priority) {
            if (array_filter($at, static fn (NeededAt $n): bool => $n->priority === $priority) !== []) {
                return $priority;
            }
        }

        return Priority::Nice;
    }

    /**
     * How many photographers want it at the same minute.
     *
     * @param  list<NeededAt>  $at
     */
    private static function atOnce(array $at, Priority $priority): int
    {
        $most = 1;
        foreach ($at as $one) {
            if ($one->priority === $priority) {
                $lanes = array_map(
                    static fn (NeededAt $n): string => $n->lane,
                    array_filter(
                        $at,
                        static fn (NeededAt $n): bool => $n->priority === $priority && $n->from <= $one->from && $one->from < $n->to,
                    ),
                );
                $most = max($most, count(array_unique($lanes)));
            }
        }

        return $most;
    }
}
