<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Drawing\FittedLines;
use NorthSatchel\Drawing\Point;

/** The element board: a tray for each picture, a compartment for each element, and the order of work as a thread through them. */
final class ElementBoard
{
    public const WIDTH = 1000.0;

    private const PER_ROW = 5;

    private const CELL_HEIGHT = 92.0;

    private const GAP = 10.0;

    private const HEAD = 34.0;

    /** What the turn and the edges take of a cell's width. */
    private const TURN = 40.0;

    private const NAME_HEIGHT = 36.0;

    private const SIZE = 15.0;

    private const MOST_BEADS = 12;

    /** @var list<BoardTray> */
    public array $trays = [];

    public float $height;

    /** @var list<Point> the thread, in the order of work */
    public array $thread = [];

    public function __construct(ElementList $list, ElementCount $count, ElementDay $day)
    {
        $turns = array_flip(array_map(intval(...), $day->order->order));
        $width = (self::WIDTH - self::GAP * (self::PER_ROW + 1)) / self::PER_ROW;
        $y = 0.0;
        $at = [];
        foreach ($list->pictures as $picture) {
            $rows = max(1, (int) ceil(count($picture->elements) / self::PER_ROW));
            $height = self::HEAD + $rows * (self::CELL_HEIGHT + self::GAP);
            $cells = [];
            foreach ($picture->elements as $i => $element) {
                $x = self::GAP + ($i % self::PER_ROW) * ($width + self::GAP);
                $top = $y + self::HEAD + intdiv($i, self::PER_ROW) * (self::CELL_HEIGHT + self::GAP);
                $turn = $turns[$element->id] ?? null;
                $cells[] = new BoardCell(
                    $element,
                    $x,
                    $top,
                    $width,
                    self::CELL_HEIGHT,
                    self::beads($element, $count),
                    self::named($element->name, $width),
                    $turn === null ? null : $turn + 1,
                    self::says($element, $count),
                );
                if ($turn !== null) {
                    $at[$turn] = new Point($x + $width - 16, $top + 16);
                }
            }
            $lacks = array_sum(array_map($count->missing(...), $picture->elements));
            $this->trays[] = new BoardTray($picture->name, $y, $height, $cells, $lacks);
            $y += $height + self::GAP;
        }
        ksort($at);
        $this->thread = array_values($at);
        $this->height = max(1.0, $y);
    }

    /** @return list<bool> */
    private static function beads(WantedElement $element, ElementCount $count): array
    {
        $keepers = $count->keepers($element->id);
        $all = min(self::MOST_BEADS, max($element->wanted, $keepers));

        return array_map(static fn (int $n): bool => $n <= $keepers, range(1, $all));
    }

    private static function says(WantedElement $element, ElementCount $count): string
    {
        $tries = $count->tries($element->id);

        return "{$count->keepers($element->id)} of {$element->wanted}".($tries > 0 ? ", {$tries} tried" : '');
    }

    /** Beside its turn, above its beads. */
    private static function named(string $name, float $width): FittedLines
    {
        return new FittedLines($name, $width - self::TURN, self::NAME_HEIGHT, self::SIZE);
    }
}
