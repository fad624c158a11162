<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Brief\Job;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/** Cards that still hold frames of another job, or are out of use: nobody can shoot onto them. */
final readonly class FullCards
{
    public function __construct(private ShelfDesk $shelf, private CardsInUse $cards) {}

    /**
     * @param  list<Gear>  $gear
     * @return list<Gear>
     */
    public function without(Job $job, array $gear): array
    {
        $full = $this->ids($job, $gear);

        return array_values(array_filter($gear, static fn (Gear $g): bool => ! isset($full[$g->id])));
    }

    /**
     * @param  list<Gear>  $gear
     * @return list<Gear> those cards
     */
    public function of(Job $job, array $gear): array
    {
        $full = $this->ids($job, $gear);

        return array_values(array_filter($gear, static fn (Gear $g): bool => isset($full[$g->id])));
    }

    /**
     * @param  list<Gear>  $gear
     * @return array<int, true>
     */
    private function ids(Job $job, array $gear): array
    {
        $ids = array_map(static fn (Gear $g): int => $g->id, array_filter($gear, static fn (Gear $g): bool => $g->kind === GearKind::Card));
        $cards = $this->shelf->items()->whereIn('id', $ids)->map(static fn (Item $i): ?Card => $i->card)->filter();

        return $this->cards->unusable($cards, $job->id);
    }
}
