<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A bag, pouch, hip or case with its places, and what is to go into them. */
final readonly class PackedBag
{
    /**
     * @param  int  $places  that it is divided into; small things share one
     * @param  int|null  $limitG  that it may weigh, itself left out
     * @param  list<PackedItem>  $items
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public int $places,
        public ?int $limitG,
        public array $items,
    ) {}

    public function grams(): int
    {
        return array_sum(array_map(static fn (PackedItem $i): int => $i->grams, $this->items));
    }

    /** Places taken: a large thing has one for itself, and so have every six small ones together. */
    public function placesTaken(): int
    {
        $small = count(array_filter($this->items, static fn (PackedItem $i): bool => $i->isSmall));

        return count($this->items) - $small + intdiv($small + PackedItem::SMALL_A_PLACE - 1, PackedItem::SMALL_A_PLACE);
    }

    /** How many of its things are in. */
    public function packed(): int
    {
        return count(array_filter($this->items, static fn (PackedItem $i): bool => $i->isPacked));
    }
}
