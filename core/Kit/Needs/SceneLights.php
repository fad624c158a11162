<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;

/**
 * The light that scenes bring with them where nobody asked for one in so many words: a scene with a shot by flash, and the setups of a
 * studio (common practice, no source).
 */
final class SceneLights
{
    private const STUDIO = '/\b(?:set(?:ting)? the light|light and positions|setup|packshot|still life|catalogue|product)/iu';

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @return list<Need>
     */
    public static function needs(array $stretches, array $asks): array
    {
        $at = [];
        foreach ($stretches as $stretch) {
            foreach (self::isLit($stretch, $asks) ? $stretch->lanes : [] as $lane) {
                $at[] = $stretch->at($lane, $stretch->priority, "“{$stretch->title}” at {$stretch->clock}, {$lane}");
            }
        }
        if ($at === []) {
            return [];
        }
        $priority = NeedsTogether::highest($at);
        $count = NeedsTogether::atOnce($at, $priority);
        $because = NeedsTogether::why($at).
            ': lit by you, and nobody has said with what. Ask for the lights by distance and stop, and their power is worked out.';
        $isMust = $priority === Priority::Must;
        $need = static fn (string $id, NeedWhat $what, string $title, bool $wantsSpare): Need => new Need(
            $id,
            $what,
            $count,
            $priority,
            $wantsSpare && $isMust,
            $count === 1 ? "a {$title}" : "{$count} {$title}s",
            $because,
            $at,
        );

        return [
            $need('light-scene', NeedWhat::Light, 'light', true),
            $need('trigger-scene', NeedWhat::Trigger, 'trigger', true),
            $need('stand-scene', NeedWhat::Stand, 'stand', false),
        ];
    }

    /**
     * Whether a scene is lit by what one brings, and by nothing that was asked for by hand.
     *
     * @param  list<Ask>  $asks
     */
    public static function isLit(PlannedStretch $stretch, array $asks): bool
    {
        $isAsked = array_filter(
            $asks,
            static fn (Ask $a): bool => $a->what === NeedWhat::Light && ($a->segmentId === null || $a->segmentId === $stretch->id),
        );

        return $isAsked === [] && $stretch->frames() > 0 && ($stretch->isFlash || preg_match(self::STUDIO, $stretch->title) === 1);
    }
}
