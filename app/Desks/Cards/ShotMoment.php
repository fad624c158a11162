<?php

declare(strict_types=1);

namespace App\Desks\Cards;

/** When a stand-in camera takes a frame, and of what. */
final readonly class ShotMoment
{
    /**
     * @param  int  $at  true time, Unix seconds
     * @param  string|null  $board  the code of the board in it
     */
    public function __construct(public int $at, public string $shown, public ?string $board = null) {}
}
