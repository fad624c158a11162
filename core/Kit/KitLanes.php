<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\LaneBodies;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeededAt;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Lane;

/** Who carries what: a body each and the lead the rest, lenses with who uses them most, cells and cards by frames. */
final class KitLanes
{
    /**
     * @param  list<Gear>  $gear
     * @param  list<PlannedStretch>  $stretches
     * @param  array<string, int>|null  $wanted  bodies by lane; null: one each
     * @return array<int, string> lane by gear
     */
    public static function of(array $gear, array $stretches, ?array $wanted = null): array
    {
        $frames = [];
        foreach ($stretches as $stretch) {
            foreach ($stretch->photographers() as $lane) {
                $frames[$lane] = ($frames[$lane] ?? 0) + $stretch->frames();
            }
        }
        $needs = array_values(
            array_filter(
                [...PlanNeeds::of($stretches, [], 1.0)],
                static fn (Need $n): bool => $n->what === NeedWhat::Reach && $n->figure('other_mm') === null,
            ),
        );
        $others = array_values(array_diff(array_keys(array_filter($frames)), [Lane::Lead->value]));
        $lanes = [];
        $bodies = array_values(array_filter($gear, static fn (Gear $g): bool => $g->kind === GearKind::Body));
        foreach (LaneBodies::of($bodies, $wanted ?? array_map(static fn (): int => 1, array_filter($frames))) as $lane => $theirs) {
            foreach ($lane === Lane::Lead->value ? [] : $theirs as $body) {
                $lanes[$body->id] = $lane;
            }
        }
        foreach ($others as $lane) {
            $body = array_values(array_filter($bodies, static fn (Gear $g): bool => ($lanes[$g->id] ?? '') === $lane))[0] ?? null;
            self::lenses($gear, $needs, $lane, $body?->crop() ?? 1.0, $lanes);
            self::cells($gear, $body, $lane, ($frames[$lane] ?? 0) / max(1, array_sum($frames)), $lanes);
            self::share($gear, GearKind::Card, $lane, 1 / max(1, count($bodies)), $lanes, even: true);
            self::share($gear, GearKind::Drive, $lane, 0.5, $lanes);
        }

        return $lanes + array_fill_keys(array_map(static fn (Gear $g): int => $g->id, $gear), Lane::Lead->value);
    }

    /**
     * A lens for each reach that the other photographer is to have, as long as the lead keeps one for what they need: first for what the
     * fewest lenses give.
     *
     * @param  list<Gear>  $gear
     * @param  list<Need>  $needs  of lenses
     * @param  array<int, string>  $lanes
     */
    private static function lenses(array $gear, array $needs, string $lane, float $crop, array &$lanes): void
    {
        $of = static fn (string $who): array => array_values(
            array_filter($needs, static fn (Need $n): bool => in_array($who, array_map(static fn (NeededAt $a): string => $a->lane, $n->at), true)),
        );
        $free = static fn (Need $n): array => array_values(
            array_filter($gear, static fn (Gear $g): bool => ! isset($lanes[$g->id]) && $n->isGivenBy($g, $crop)),
        );
        $theirs = $of($lane);
        usort($theirs, static fn (Need $a, Need $b): int => count($free($a)) <=> count($free($b)));
        foreach ($theirs as $need) {
            if (array_filter($gear, static fn (Gear $g): bool => ($lanes[$g->id] ?? '') === $lane && $need->isGivenBy($g, $crop)) !== []) {
                continue;
            }
            // Primes first: the zoom stays with who has more to cover.
            $choice = $free($need);
            usort($choice, static fn (Gear $a, Gear $b): int => $b->isPrime() <=> $a->isPrime());
            foreach ($choice as $lens) {
                $isMissed = static fn (Need $n): bool => $n->isGivenBy($lens) &&
                    array_filter($free($n), static fn (Gear $g): bool => $g->id !== $lens->id) === [];
                if (array_filter($of(Lane::Lead->value), $isMissed) === []) {
                    $lanes[$lens->id] = $lane;
                    break;
                }
            }
        }
    }

    /**
     * Cells for their body by its frames, one at least; what feeds other things stays where those are.
     *
     * @param  list<Gear>  $gear
     * @param  array<int, string>  $lanes
     */
    private static function cells(array $gear, ?Gear $body, string $lane, float $share, array &$lanes): void
    {
        $all = array_values(
            array_filter(
                $gear,
                static fn (Gear $g): bool => $g->kind === GearKind::Cell &&
                    ! isset($lanes[$g->id]) &&
                    $g->text('cell_type') === $body?->text('cell_type'),
            ),
        );
        $count = min(max(1, (int) floor($share * count($all) + 0.5)), count($all) - 1);
        foreach ($count < 1 ? [] : array_slice($all, count($all) - $count) as $cell) {
            $lanes[$cell->id] = $lane;
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
