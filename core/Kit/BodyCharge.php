<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Shelf\GearKind;

/** What one charge gives a body on a day, and how many charged cells of its kind its photographer has beside the one in it. */
final readonly class BodyCharge
{
    /** Where a body does not say (common practice, no source). */
    public const USUAL_FRAMES = 500.0;

    public const USUAL_STANDBY_H = 40.0;

    /**
     * @param  int  $frames  that a charge gives at that temperature, the reserve kept back
     * @param  float  $hours  of standby, the same
     * @param  int  $spares  before anything was swapped
     */
    private function __construct(public int $frames, public float $hours, public int $spares) {}

    /**
     * @param  list<Carried>  $carried
     * @return array<int, self> by the body's item
     */
    public static function of(array $carried, float $temperatureC): array
    {
        $full = BatteryBudget::derate($temperatureC) * (1 - BudgetNeeds::CELL_RESERVE);
        $charges = [];
        foreach ($carried as $one) {
            $body = $one->gear;
            if ($body->kind === GearKind::Body) {
                $charges[$body->id] = new self(
                    (int) floor($full * ($body->number('frames_per_charge') ?? self::USUAL_FRAMES)),
                    round($full * ($body->number('standby_hours_per_charge') ?? self::USUAL_STANDBY_H), 1),
                    self::spares($carried, $one->lane, $body->text('cell_type')),
                );
            }
        }

        return $charges;
    }

    /** @param  list<Carried>  $carried */
    private static function spares(array $carried, string $lane, string $type): int
    {
        $count = static fn (GearKind $kind): int => count(
            array_filter(
                $carried,
                static fn (Carried $c): bool => $c->lane === $lane && $c->gear->kind === $kind && $c->gear->text('cell_type') === $type,
            ),
        );

        return $type === '' ? 0 : max(0, $count(GearKind::Cell) - $count(GearKind::Body));
    }
}
