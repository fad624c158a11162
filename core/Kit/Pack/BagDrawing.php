<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A bag from above, its lid open: a compartment for each large thing, one for every six small ones, empty ones last. */
final readonly class BagDrawing
{
    public const WIDTH = 400.0;

    private const COLUMNS = 3;

    private const ROW = 62.0;

    private const GAP = 6.0;

    private const TOP = 14.0;

    public function __construct(private PackedBag $bag) {}

    public function height(): float
    {
        return self::TOP * 2 + $this->rows() * (self::ROW + self::GAP) - self::GAP;
    }

    /**
     * @return list<Compartment> state: in, part, out, empty, over
     */
    public function compartments(): array
    {
        $cells = [];
        foreach (array_filter($this->bag->items, static fn (PackedItem $i): bool => ! $i->isSmall) as $item) {
            $cells[] = [$item];
        }
        $small = array_values(array_filter($this->bag->items, static fn (PackedItem $i): bool => $i->isSmall));
        foreach (array_chunk($small, PackedItem::SMALL_A_PLACE) as $some) {
            $cells[] = $some;
        }
        while (count($cells) < $this->bag->places) {
            $cells[] = [];
        }
        $width = (self::WIDTH - 2 * self::TOP - (self::COLUMNS - 1) * self::GAP) / self::COLUMNS;
        $list = [];
        foreach ($cells as $index => $items) {
            $in = count(array_filter($items, static fn (PackedItem $i): bool => $i->isPacked));
            $list[] = new Compartment(
                x: round(self::TOP + ($index % self::COLUMNS) * ($width + self::GAP), 1),
                y: self::TOP + intdiv($index, self::COLUMNS) * (self::ROW + self::GAP),
                width: round($width, 1),
                height: self::ROW,
                title: implode(', ', array_map(static fn (PackedItem $i): string => $i->label, $items)),
                lines: self::lines($items),
                state: $index >= $this->bag->places
                        ? 'over'
                        : match (true) {
                            $items === [] => 'empty',
                            $in === count($items) => 'in',
                            $in > 0 => 'part',
                            default => 'out',
                        },
            );
        }

        return $list;
    }

    private function rows(): int
    {
        return max(1, intdiv(max($this->bag->places, $this->bag->placesTaken()) + self::COLUMNS - 1, self::COLUMNS));
    }

    /**
     * @param  list<PackedItem>  $items
     * @return list<DrawnLine> at most three
     */
    private static function lines(array $items): array
    {
        if (count($items) <= 3) {
            return array_map(
                static fn (PackedItem $i): DrawnLine => new DrawnLine(text: $i->label, isPacked: $i->isPacked),
                $items,
            );
        }
        $in = count(array_filter($items, static fn (PackedItem $i): bool => $i->isPacked));

        return [
            new DrawnLine(text: $items[0]->label, isPacked: $items[0]->isPacked),
            new DrawnLine(text: 'and '.(count($items) - 1).' more', isPacked: $in === count($items)),
            new DrawnLine(text: "{$in} of ".count($items).' in', isPacked: $in === count($items)),
        ];
    }
}
