<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Lane;

/** Who carries what: a body each and the lead the rest, lenses with who uses them most, cells and cards by frames. */
final class KitLanes
{
    /**
     * @param  list<Gear>  $gear
     * @param  list<PlannedStretch>  $stretches
     * @return array<int, string> lane by gear
     */
    public static function of(array $gear, array $stretches): array
    {
        $frames = $uses = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->lanes as $lane) {
                foreach ($stretch->shots as $shot) {
                    $frames[$lane] = ($frames[$lane] ?? 0) + $shot->frames;
                    $uses[] = ['lane' => $lane, 'shot' => $shot];
                }
            }
        }
        $others = array_values(array_diff(array_keys(array_filter($frames)), [Lane::Lead->value]));
        $lanes = [];
        $bodies = array_values(array_filter($gear, static fn (Gear $g): bool => $g->kind === GearKind::Body));
        foreach ($others as $i => $lane) {
            // The last ones, so that the lead keeps the first of the shelf.
            $at = count($bodies) - 1 - $i;
            if ($at >= 1) {
                $lanes[$bodies[$at]->id] = $lane;
            }
        }
        foreach ($others as $lane) {
            self::lenses($gear, $uses, $lane, $lanes);
            self::share($gear, GearKind::Cell, $lane, ($frames[$lane] ?? 0) / max(1, array_sum($frames)), $lanes);
            self::share($gear, GearKind::Card, $lane, 1 / max(1, count($bodies)), $lanes, even: true);
            self::share($gear, GearKind::Drive, $lane, 0.5, $lanes);
        }

        return $lanes + array_fill_keys(array_map(static fn (Gear $g): int => $g->id, $gear), Lane::Lead->value);
    }

    /**
     * A lens for each focal length that the other photographer names, as long as the lead keeps one for their own.
     *
     * @param  list<Gear>  $gear
     * @param  list<array{lane: string, shot: PlannedShot}>  $uses
     * @param  array<int, string>  $lanes
     */
    private static function lenses(array $gear, array $uses, string $lane, array &$lanes): void
    {
        $reaches = static fn (Gear $g, int $mm): bool => $g->kind === GearKind::Lens &&
            $g->reachOn(1.0)[0] <= $mm &&
            $g->reachOn(1.0)[1] >= $mm;
        foreach ($uses as $use) {
            $mm = $use['shot']->focalMm;
            if (
                $use['lane'] !== $lane ||
                $mm === null ||
                array_filter($gear, static fn (Gear $g): bool => ($lanes[$g->id] ?? '') === $lane && $reaches($g, $mm)) !== []
            ) {
                continue;
            }
            $free = array_values(array_filter($gear, static fn (Gear $g): bool => ! isset($lanes[$g->id]) && $reaches($g, $mm)));
            // Primes first: the zoom stays with who has more to cover.
            usort($free, static fn (Gear $a, Gear $b): int => $b->isPrime() <=> $a->isPrime());
            foreach ($free as $lens) {
                $lacks = array_filter(
                    $uses,
                    static fn (array $u): bool => $u['lane'] === Lane::Lead->value &&
                        $u['shot']->focalMm !== null &&
                        $reaches($lens, $u['shot']->focalMm) &&
                        array_filter(
                            $gear,
                            static fn (Gear $g): bool => $g->id !== $lens->id &&
                                ! isset($lanes[$g->id]) &&
                                $reaches($g, (int) $u['shot']->focalMm),
                        ) === [],
                );
                if ($lacks === []) {
                    $lanes[$lens->id] = $lane;
                    break;
                }
            }
        }
    }

    /**
     * @param  list<Gear>  $gear
     * @param  array<int, string>  $lanes
     */
    private static function share(array $gear, GearKind $kind, string $lane, float $share, array &$lanes, bool $even = false): void
    {
        $all = array_values(array_filter($gear, static fn (Gear $g): bool => $g->kind === $kind && ! isset($lanes[$g->id])));
        $count = (int) floor($share * count($all) + 0.5);
        $count = $even ? $count - ($count % 2) : $count;
        foreach (array_slice($all, count($all) - $count) as $one) {
            $lanes[$one->id] = $lane;
        }
    }
}
