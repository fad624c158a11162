<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\Boards;

use NorthSatchel\Plan\Boards\Product;

/** A board that may have been forgotten, and the frame from which on it would hold: asked, not taken for granted. */
final readonly class ForgottenBoard
{
    /** A pause stands out from so many times the next longest on (common practice, no source). */
    public const TIMES = 3;

    /** Shorter pauses count as so long, seconds. */
    public const LEAST_S = 5;

    public function __construct(public Product $product, public Product $before, public BoardFrame $from, public int $pauseS) {}
}
