<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\Plural;
use NorthSatchel\SceneKind;
use NorthSatchel\Time\Priority;

/**
 * The light that scenes bring with them where nobody asked for one in so many words: a scene with a shot by flash, and the setups of a
 * studio (common practice, no source).
 */
final class SceneLights
{
    /** Where a flash disturbs, or rooms are taken from a tripod, whatever the light (common practice, no source). */
    private const QUIET = '/\b(?:ceremon|vow|service|church|chapel|prayer|mass|rite|rooms?|interior|house|front|fa[cç]ade)/iu';

    /** Who plays or stands on a stage is not flashed at, and a room is taken from a tripod. */
    private const WITHOUT_FLASH = [SceneKind::Action, SceneKind::Stage, SceneKind::Ceremony, SceneKind::Room];

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @param  bool  $isSetupWritten  what stands in the setups of a studio is written, and asked for there
     * @return list<Need>
     */
    public static function needs(array $stretches, array $asks, bool $isSetupWritten = false): array
    {
        $unwritten = static fn (PlannedStretch $s): bool => ! $isSetupWritten || ! SceneKind::isLitByUs($s->title, $s->scene());
        $lit = self::lit(array_values(array_filter($stretches, $unwritten)), $asks);
        $dark = self::dark($stretches, $asks);

        // The flash of the lit scenes serves in the dark ones too.
        return $lit !== [] && $dark !== [] && $lit[0]->count >= $dark[0]->count ? $lit : [...$lit, ...$dark];
    }

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @return list<Need>
     */
    private static function lit(array $stretches, array $asks): array
    {
        $at = [];
        foreach ($stretches as $stretch) {
            foreach (self::isLit($stretch, $asks) ? $stretch->photographers() : [] as $lane) {
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
            $count === 1 ? "a {$title}" : "{$count} ".($what === NeedWhat::Light ? 'flashes or lamps' : "{$title}s"),
            $because,
            $at,
        );

        return [
            $need('light-scene', NeedWhat::Light, 'flash or lamp', true),
            $need('trigger-scene', NeedWhat::Trigger, 'trigger', true),
            $need('stand-scene', NeedWhat::Stand, 'stand', false),
        ];
    }

    /**
     * Scenes so dark that only a loud ISO holds those who are in them.
     *
     * @param  list<PlannedStretch>  $stretches
     * @param  list<Ask>  $asks
     * @return list<Need>
     */
    private static function dark(array $stretches, array $asks): array
    {
        $at = $isInRows = [];
        $iso = 0;
        foreach ($stretches as $stretch) {
            if (self::isUnasked($stretch, $asks) && self::isDark($stretch)) {
                $isInRows[] = $stretch->scene() === SceneKind::Groups;
                $iso = max($iso, SceneExposure::of($stretch->title, (float) $stretch->ev100, scene: $stretch->scene())->settings->iso);
                foreach ($stretch->photographers() as $lane) {
                    $at[] = $stretch->at($lane, Priority::Should, "“{$stretch->title}” at {$stretch->clock}, {$lane}");
                }
            }
        }
        if ($at === []) {
            return [];
        }
        $count = NeedsTogether::atOnce($at, Priority::Should);

        return [
            new Need(
                'light-dark',
                NeedWhat::Light,
                $count,
                Priority::Should,
                false,
                Plural::of($count, 'a flash', "{$count} flashes"),
                NeedsTogether::why($at).
                    ': by the light that is forecast it takes '.(count($isInRows) > 1 ? 'up to ' : '')."ISO {$iso}. ".self::lessGrain($isInRows),
                $at,
            ),
        ];
    }

    /** @param  list<bool>  $isInRows  of each dark scene: people in rows want depth, which an open lens does not give */
    private static function lessGrain(array $isInRows): string
    {
        return 'A flash, off the ceiling where there is one, keeps the grain down'.match (true) {
            ! in_array(true, $isInRows, true) => '; so does a lens of f/1.4.',
            in_array(false, $isInRows, true) => '; so does a lens of f/1.4 where nobody stands in rows.',
            default => '.',
        };
    }

    /** Whether more than a calm ISO is planned for it without a flash, and none is forbidden or out of place. */
    public static function isDark(PlannedStretch $stretch): bool
    {
        return $stretch->ev100 !== null &&
            ! $stretch->mayNotFlash &&
            ! self::wantsLight($stretch) &&
            $stretch->frames() > 0 &&
            preg_match(self::QUIET, $stretch->title) !== 1 &&
            ! in_array($stretch->scene(), self::WITHOUT_FLASH, true) &&
            SceneExposure::of($stretch->title, $stretch->ev100, scene: $stretch->scene())->settings->iso > SceneExposure::CALM_ISO;
    }

    /** @param  list<Ask>  $asks */
    private static function isUnasked(PlannedStretch $stretch, array $asks): bool
    {
        return array_filter(
            $asks,
            static fn (Ask $a): bool => $a->what === NeedWhat::Light && ($a->segmentId === null || $a->segmentId === $stretch->id),
        ) === [];
    }

    /**
     * Whether a scene is lit by what one brings, and by nothing that was asked for by hand.
     *
     * @param  list<Ask>  $asks
     */
    public static function isLit(PlannedStretch $stretch, array $asks): bool
    {
        return self::isUnasked($stretch, $asks) && $stretch->frames() > 0 && self::wantsLight($stretch);
    }

    /** Whether a scene is lit by what one brings: a shot by flash, or a setup of a studio. */
    public static function wantsLight(PlannedStretch $stretch): bool
    {
        return $stretch->isFlash || SceneKind::isLitByUs($stretch->title, $stretch->scene());
    }
}
