<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** The tray of a final picture. */
final readonly class BoardTray
{
    /**
     * @param  list<BoardCell>  $cells
     * @param  int  $lacks  alternatives
     */
    public function __construct(public string $name, public float $y, public float $height, public array $cells, public int $lacks) {}
}
