<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Plural;
use NorthSatchel\Signed;
use NorthSatchel\Time\Priority;
use NorthSatchel\Time\Span;

/** The cells and cards that the chosen bodies and flashes want for the planned frames and hours. */
final class BudgetNeeds
{
    /** Never filled to the last frame, never drained to the last per cent (common practice, no source). */
    public const CARD_RESERVE = 0.1;

    public const CELL_RESERVE = 0.15;

    /**
     * @param  list<BodyWork>  $bodies  in use, with the frames that fall on each
     * @param  list<Gear>  $flashes
     * @param  list<Gear>  $shelf  whose cards there are
     * @param  list<LoneWork>  $alone  bodies that stand alone, with the frames that they fire with the
     *     main camera and the hours
     * @param  int  $usual  of the frames those that nobody typed
     * @return list<Need>
     */
    public static function of(
        array $bodies,
        array $flashes,
        float $hours,
        float $temperatureC,
        FlashWork $flash,
        array $shelf,
        array $alone = [],
        int $usual = 0,
    ): array {
        return $bodies === []
            ? []
            : [self::cards([...$bodies, ...$alone], $shelf, $usual), ...self::cells($bodies, $hours, $temperatureC, $flashes, $flash, $alone)];
    }

    /**
     * @param  non-empty-list<BodyWork>  $bodies
     * @param  list<Gear>  $shelf
     */
    private static function cards(array $bodies, array $shelf, int $usual): Need
    {
        $cards = array_filter($shelf, static fn (Gear $g): bool => $g->kind === GearKind::Card);
        $sizes = array_unique(array_map(static fn (Gear $g): float => $g->number('capacity_gb') ?? 0.0, $cards));
        rsort($sizes);
        $best = null;
        foreach ($sizes === [] ? [128.0] : $sizes as $gb) {
            $sets = 0;
            foreach ($bodies as $work) {
                $body = $work->body;
                $sets += max(
                    1,
                    CardBudget::of(
                        $work->frames,
                        max(0.1, $body->number('raw_mb') ?? 50),
                        $body->number('jpeg_mb') ?? 0,
                        self::mode($body),
                        [$gb, $gb],
                        self::CARD_RESERVE,
                    )->cardSets ?? 1,
                );
            }
            $have = count(array_filter($cards, static fn (Gear $g): bool => ($g->number('capacity_gb') ?? 0.0) >= $gb));
            // The largest cards of which there are enough, else the largest.
            $isEnough = $have >= 2 * $sets;
            if ($best === null || ($isEnough && ! $best['is_enough'])) {
                $best = ['gb' => $gb, 'sets' => $sets, 'is_enough' => $isEnough];
            }
        }
        $type = $bodies[0]->body->text('card_type');
        $isMirrored = array_filter($bodies, static fn (BodyWork $b): bool => self::mode($b->body) !== SaveMode::Mirror) === [];
        $slots = $isMirrored ? 'written to both slots' : 'in the save modes as planned';
        $said = implode(', ', array_map(static fn (BodyWork $b): string => "{$b->body->label} {$b->frames}", $bodies));

        return new Need(
            'card',
            NeedWhat::Card,
            2 * $best['sets'],
            Priority::Must,
            true,
            2 * $best['sets']." cards of {$best['gb']} GB",
            "Frames: {$said}; {$slots}, a tenth of each card kept free: {$best['sets']} ".
                Plural::of($best['sets'], 'pair.', 'pairs.').
                ($usual > 0 ? " Nobody typed frames for some scenes: {$usual} of them are what such scenes usually take (common practice)." : ''),
            [],
            [
                'card_gb' => $best['gb'],
                'frames' => array_sum(array_map(static fn (BodyWork|LoneWork $b): int => $b->frames, $bodies)),
                ...$type === '' ? [] : ['card_type' => $type],
            ],
        );
    }

    /**
     * @param  non-empty-list<BodyWork>  $bodies
     * @param  list<Gear>  $flashes
     * @param  list<LoneWork>  $alone
     * @return list<Need>
     */
    private static function cells(array $bodies, float $hours, float $temperatureC, array $flashes, FlashWork $light, array $alone): array
    {
        $wanted = $said = [];
        $musts = $busy = array_map(static fn (BodyWork|LoneWork $w): string => $w->body->text('cell_type'), [...$bodies, ...$alone]);
        foreach ($bodies as $work) {
            $body = $work->body;
            $charges = max(
                1,
                BatteryBudget::of(
                    $work->frames,
                    $body->number('frames_per_charge') ?? 500,
                    $hours,
                    $body->number('standby_hours_per_charge') ?? 40,
                    $temperatureC,
                    self::CELL_RESERVE,
                )->charges,
            );
            self::count($wanted, $said, $body, $charges, "{$charges} for {$body->label}");
        }
        foreach ($alone as $work) {
            $body = $work->body;
            $charges = max(
                1,
                BatteryBudget::of(
                    $work->frames,
                    $body->number('frames_per_charge') ?? 500,
                    $work->hours,
                    $body->number('standby_hours_per_charge') ?? 40,
                    $temperatureC,
                    self::CELL_RESERVE,
                )->charges,
            );
            self::count(
                $wanted,
                $said,
                $body,
                $charges,
                "{$charges} fresh for {$body->label}, which stands alone".
                    ($work->hours > 0 ? ' for '.Span::hours((int) round(60 * $work->hours)) : ''),
            );
        }
        // The strongest fire; one that only waits as the spare has a charge of its own, and no more.
        $guide = static fn (Gear $g): float => $g->number('guide_number_m') ?? 0.0;
        usort($flashes, static fn (Gear $a, Gear $b): int => [$guide($b), $a->id] <=> [$guide($a), $b->id]);
        foreach ($flashes as $index => $flash) {
            $full = $index < $light->atOnce ? $light->fullPops($flash) : 0.0;
            $cells = self::flashCharges($flash, $full, $temperatureC) * (int) ($flash->number('cells') ?? 1);
            $as = match (true) {
                $index < $light->atOnce => "{$light->pops()} pops, as ".(int) ceil($full).' at full power',
                $light->atOnce === 0 => 'nothing is planned with it',
                default => 'the spare',
            };
            self::count($wanted, $said, $flash, $cells, "{$cells} for {$flash->label} ({$as})");
            if ($index < $light->atOnce) {
                $busy[] = $flash->text('cell_type');
            }
            // What feeds a light is wanted as much as the light.
            if ($index < $light->atOnce && $light->priority === Priority::Must) {
                $musts[] = $flash->text('cell_type');
            }
        }
        $needs = [];
        $percent = round(100 * BatteryBudget::derate($temperatureC));
        foreach ($wanted as $type => $count) {
            $needs[] = new Need(
                "cell-{$type}",
                NeedWhat::Cell,
                $count,
                in_array((string) $type, $musts, true) ? Priority::Must : Priority::Should,
                in_array((string) $type, $musts, true),
                Plural::of($count, 'a charged cell', "{$count} charged cells")." of type {$type}",
                implode(', ', $said[$type]).'; at '.Signed::of($temperatureC)." °C a charge holds {$percent} %, 15 % kept back.",
                [],
                ['cell_type' => (string) $type, ...in_array((string) $type, $busy, true) ? [] : ['idle' => 1.0]],
            );
        }

        return $needs;
    }

    private static function mode(Gear $body): SaveMode
    {
        return SaveMode::tryFrom($body->text('planned_mode')) ?? SaveMode::Mirror;
    }

    /** Charges that so many pops at full power take; one at least. */
    public static function flashCharges(Gear $flash, float $pops, float $temperatureC): int
    {
        $aCharge = $flash->number('pops_per_charge') ?? 200.0;

        return max(1, (int) ceil($pops / ($aCharge * BatteryBudget::derate($temperatureC) * (1 - self::CELL_RESERVE)) - 1e-9));
    }

    /**
     * @param  array<string, int>  $wanted
     * @param  array<string, list<string>>  $said
     */
    private static function count(array &$wanted, array &$said, Gear $gear, int $cells, string $words): void
    {
        $type = $gear->text('cell_type');
        if ($type !== '') {
            $wanted[$type] = ($wanted[$type] ?? 0) + $cells;
            $said[$type][] = $words;
        }
    }
}
