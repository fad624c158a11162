<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Plan\Lights\SetKind;
use NorthSatchel\Plan\Lights\SetPiece;
use NorthSatchel\Plan\Lights\SetupLight;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Time\Priority;

/**
 * What the setups of a studio want, by what is written of their light: they stand one after the other, so that of each thing the setup
 * with the most of it counts.
 */
final class SetupNeeds
{
    private const BARE = '/^bare\b/iu';

    /**
     * @param  list<SetupLight>  $setups
     * @param  list<PlannedStretch>  $stretches
     * @return list<Need>
     */
    public static function of(array $setups, array $stretches): array
    {
        $lights = self::most($setups, static fn (SetPiece $p): bool => $p->kind === SetKind::Light);
        $held = self::most($setups, static fn (SetPiece $p): bool => in_array($p->kind, [SetKind::Card, SetKind::Black, SetKind::Flag], true));
        $shaped = self::most($setups, static fn (SetPiece $p): bool => $p->kind === SetKind::Light && self::isShaped($p));
        $at = [];
        foreach ($stretches as $stretch) {
            foreach (SceneLights::wantsLight($stretch) ? $stretch->photographers() : [] as $lane) {
                $at[] = $stretch->at($lane, Priority::Must, "“{$stretch->title}” at {$stretch->clock}, {$lane}");
            }
        }
        $onStands = '* on stands'.self::booms($lights[1]);

        return array_values(array_filter([
            self::need(NeedWhat::Light, $lights, $at, self::counted($lights[1], 'flash or lamp', 'flashes or lamps'), 'is lit by *', true),
            self::need(NeedWhat::Trigger, $lights, $at, 'a trigger', 'is lit by *', true),
            self::need(NeedWhat::Stand, $lights, $at, self::counted($lights[1], 'stand', 'stands'), "has {$onStands}"),
            self::need(NeedWhat::Modifier, $shaped, $at, self::counted($shaped[1], 'modifier', 'modifiers'), 'shapes the light of *'),
            self::need(NeedWhat::Clamp, $held, $at, self::counted($held[1], 'clamp', 'clamps'), 'wants * held in place'),
        ]));
    }

    /**
     * @param  array{SetupLight|null, list<SetPiece>}  $most
     * @param  list<NeededAt>  $at
     * @param  string  $says  what the setup does with them, which stand at the asterisk
     */
    private static function need(NeedWhat $what, array $most, array $at, string $title, string $says, bool $wantsSpare = false): ?Need
    {
        [$setup, $pieces] = $most;

        return $setup === null ? null : new Need(
            "{$what->value}-setups",
            $what,
            $what === NeedWhat::Trigger ? 1 : count($pieces),
            Priority::Must,
            $wantsSpare,
            $title,
            "“{$setup->setup}” ".str_replace('*', Some::of(array_map(self::says(...), $pieces), 6), $says).'.',
            $at,
        );
    }

    /**
     * @param  list<SetupLight>  $setups
     * @param  \Closure(SetPiece): bool  $is
     * @return array{SetupLight|null, list<SetPiece>} the setup with the most such things, and they; null where there is none
     */
    private static function most(array $setups, \Closure $is): array
    {
        $best = [null, []];
        foreach ($setups as $setup) {
            $pieces = array_values(array_filter($setup->pieces, $is));
            $best = count($pieces) > count($best[1]) ? [$setup, $pieces] : $best;
        }

        return $best;
    }

    private static function isShaped(SetPiece $piece): bool
    {
        return $piece->modifier !== '' && preg_match(self::BARE, $piece->modifier) !== 1;
    }

    /** @param  list<SetPiece>  $pieces */
    private static function counted(array $pieces, string $one, string $many): string
    {
        return Plural::of(count($pieces), "a {$one}", count($pieces)." {$many}");
    }

    /** @param  list<SetPiece>  $lights */
    private static function booms(array $lights): string
    {
        $count = count(array_filter($lights, static fn (SetPiece $p): bool => $p->isBoom));

        return $count === 0 ? '' : Plural::of($count, ', one of them a boom with its weight', ", {$count} of them booms with their weights");
    }

    /** "Key (softbox 60 cm)" */
    private static function says(SetPiece $piece): string
    {
        return self::isShaped($piece) ? "{$piece->name} (".trim("{$piece->modifier} {$piece->size}").')' : $piece->name;
    }
}
