<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

/** Frames that are lit by flash, and by how much of it. */
final readonly class LitFrames
{
    /** @param  float|null  $guideM  the guide number that they take, metres at ISO 100; null where nobody has said */
    public function __construct(public int $frames, public ?float $guideM) {}
}
