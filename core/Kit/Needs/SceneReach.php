<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;

/**
 * The lenses that scenes usually want where no shot of theirs names a focal length (common practice, no source): a normal one, a longer
 * one where one stays away from what happens, and a long one where the action of a sport is across a field or the water.
 */
final class SceneReach
{
    private const NORMAL_MM = [24.0, 60.0];

    private const LONG_MM = [85.0, 300.0];

    private const ACTION_MM = [200.0, 800.0];

    private const ACTION = '/\b(?:match(?:es)?|races?|game|heats?|bouts?|regatta|innings|kick-?off|warm-?up|(?:first|second) half|'.
        '(?:first|second|third|fourth) (?:quarter|period))\b|\b(?:finals?|finish(?: line)?)$/iu';

    private const FROM_AFAR = '/\b(?:ceremon|vow|church|chapel|speech|toast|portrait|award|podium|concert|programme|play|celebrat)/iu';

    /**
     * @param  list<PlannedStretch>  $stretches
     * @return list<Need>
     */
    public static function needs(array $stretches): array
    {
        $open = array_values(
            array_filter(
                $stretches,
                static fn (PlannedStretch $s): bool => $s->frames() > 0 &&
                    array_filter($s->shots, static fn (PlannedShot $shot): bool => $shot->focalMm !== null) === [],
            ),
        );
        $is = static fn (PlannedStretch $s, string $words): bool => preg_match($words, $s->title) === 1;
        $action = array_values(array_filter($open, static fn (PlannedStretch $s): bool => $is($s, self::ACTION)));
        $near = array_values(array_filter($open, static fn (PlannedStretch $s): bool => ! $is($s, self::ACTION)));
        $far = array_values(array_filter($open, static fn (PlannedStretch $s): bool => $is($s, self::FROM_AFAR)));

        return array_values(
            array_filter([
                self::need('reach-normal', 'a lens from 24 to 60 mm', self::NORMAL_MM, $near, true),
                self::need('reach-action', 'a lens of 200 mm or more', self::ACTION_MM, $action, true),
                self::need('reach-long', 'a lens of 85 mm or more', self::LONG_MM, $far, false),
            ]),
        );
    }

    /**
     * @param  array{float, float}  $mm
     * @param  list<PlannedStretch>  $stretches
     */
    private static function need(string $id, string $title, array $mm, array $stretches, bool $isMust): ?Need
    {
        $at = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->lanes as $lane) {
                $priority = $isMust ? $stretch->priority : Priority::Should;
                $at[] = $stretch->at($lane, $priority, "“{$stretch->title}” at {$stretch->clock}, {$lane}");
            }
        }
        if ($at === []) {
            return null;
        }
        $priority = NeedsTogether::highest($at);

        return new Need(
            $id,
            NeedWhat::Reach,
            NeedsTogether::atOnce($at, $priority),
            $priority,
            $priority === Priority::Must,
            $title,
            NeedsTogether::why($at).': no shot there names a focal length, and this is usual.',
            $at,
            ['focal_mm' => $mm[0], 'up_to_mm' => $mm[1]],
        );
    }
}
