<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/** The lenses that go along, each with its reach as on full format, on the bodies of whoever carries it. */
final readonly class CarriedLenses
{
    /** @param  list<Carried>  $carried  everything that goes along */
    public function __construct(private array $carried) {}

    /** @return list<Carried> */
    public function all(): array
    {
        return array_values(array_filter($this->carried, static fn (Carried $c): bool => $c->gear->kind === GearKind::Lens));
    }

    /** The crop factor of the first body of a photographer that a lens fits; 1 where there is none. */
    public function cropFor(Gear $lens, string $lane): float
    {
        foreach ($this->carried as $one) {
            if ($one->lane === $lane && $one->gear->kind === GearKind::Body && $lens->fits($one->gear)) {
                return $one->gear->crop();
            }
        }

        return 1.0;
    }

    /** @return array{int, int} millimetres, the short end and the long one */
    public function reach(Gear $lens, string $lane): array
    {
        [$from, $to] = $lens->reachOn($this->cropFor($lens, $lane));

        return [(int) round($from), (int) round($to)];
    }

    public function isReachedBy(Gear $lens, string $lane, int $focalMm): bool
    {
        [$from, $to] = $this->reach($lens, $lane);

        return $focalMm >= $from && $focalMm <= $to;
    }

    /** @return list<string> photographers who carry a lens for a focal length */
    public function holders(int $focalMm): array
    {
        $holding = array_filter($this->all(), fn (Carried $c): bool => $this->isReachedBy($c->gear, $c->lane, $focalMm));

        return array_values(array_unique(array_map(static fn (Carried $c): string => $c->lane, $holding)));
    }

    /** @return array<string, list<array{int, int}>> reaches by photographer */
    public function byLane(): array
    {
        $reaches = [];
        foreach ($this->all() as $one) {
            $reaches[$one->lane][] = $this->reach($one->gear, $one->lane);
        }

        return $reaches;
    }
}
