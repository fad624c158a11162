<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

/** Frames that are lit by flash, and by how much of it. */
final readonly class LitFrames
{
    /**
     * @param  float|null  $guideM  the guide number that they take, metres at ISO 100; null where nobody has said
     * @param  float|null  $share  of the full power, where it is written with the setups of a studio
     */
    public function __construct(public int $frames, public ?float $guideM, public ?float $share = null) {}
}
