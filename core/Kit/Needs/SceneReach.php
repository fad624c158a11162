<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Plural;
use NorthSatchel\SceneKind;
use NorthSatchel\Time\Priority;

/**
 * The lenses that scenes usually want where no shot of theirs names a focal length (common practice, no source): a normal one, a longer
 * one where one stays away from what happens, a wide one in a room, and a long one where the action of a sport is across a field or the
 * water.
 */
final class SceneReach
{
    private const NORMAL_MM = [24.0, 60.0];

    private const LONG_MM = [85.0, 300.0];

    private const ACTION_MM = [200.0, 800.0];

    private const WIDE_MM = [12.0, 24.0];

    /**
     * @param  list<PlannedStretch>  $stretches
     * @return list<Need>
     */
    public static function needs(array $stretches): array
    {
        $open = array_values(
            array_filter(
                $stretches,
                static fn (PlannedStretch $s): bool => $s->frames() > 0 && self::hands($s) !== [],
            ),
        );
        $of = static fn (SceneKind ...$kinds): array => array_values(
            array_filter($open, static fn (PlannedStretch $s): bool => in_array($s->scene(), $kinds, true)),
        );
        $special = [...$of(SceneKind::Action), ...$of(SceneKind::Room)];
        $near = array_values(array_filter($open, static fn (PlannedStretch $s): bool => ! in_array($s, $special, true)));
        $far = array_values(array_filter($open, static fn (PlannedStretch $s): bool => $s->scene()->isFromAfar()));

        return array_values(
            array_filter([
                self::need('reach-normal', 'from 24 to 60 mm', self::NORMAL_MM, $near, true),
                self::need('reach-wide', 'of 24 mm or wider', self::WIDE_MM, $of(SceneKind::Room), true),
                self::need('reach-action', 'of 200 mm or more', self::ACTION_MM, $of(SceneKind::Action), true),
                self::need('reach-long', 'of 85 mm or more', self::LONG_MM, $far, false),
            ]),
        );
    }

    /** @return list<string> photographers for whom no shot of it names a focal length */
    private static function hands(PlannedStretch $stretch): array
    {
        $isNamed = array_filter($stretch->shots, static fn (PlannedShot $shot): bool => $shot->focalMm !== null) !== [];

        return array_values(array_diff($stretch->photographers(), $isNamed ? $stretch->hands() : []));
    }

    /**
     * @param  array{float, float}  $mm
     * @param  list<PlannedStretch>  $stretches
     */
    private static function need(string $id, string $title, array $mm, array $stretches, bool $isMust): ?Need
    {
        $at = [];
        $isOther = false;
        foreach ($stretches as $stretch) {
            foreach (self::hands($stretch) as $lane) {
                $isOther = $isOther || self::hands($stretch) !== $stretch->photographers();
                $priority = $isMust ? $stretch->priority : Priority::Should;
                $at[] = $stretch->at($lane, $priority, "“{$stretch->title}” at {$stretch->clock}, {$lane}");
            }
        }
        if ($at === []) {
            return null;
        }
        $priority = NeedsTogether::highest($at);
        $count = NeedsTogether::atOnce($at, $priority);

        return new Need(
            $id,
            NeedWhat::Reach,
            $count,
            $priority,
            $priority === Priority::Must,
            Plural::of($count, 'a lens', "{$count} lenses")." {$title}",
            NeedsTogether::why($at).': no shot there names a focal length'.($isOther ? ' for that hand' : '').', and this is usual.',
            $at,
            ['focal_mm' => $mm[0], 'up_to_mm' => $mm[1]],
        );
    }
}
