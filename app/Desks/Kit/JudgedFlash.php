<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Exposure\Evenness;
use NorthSatchel\Exposure\FlashPlan;
use NorthSatchel\Exposure\LightDrawing;
use NorthSatchel\Optics\FrameEdge;
use NorthSatchel\Verdict;

/** A flash over people, worked out, drawn and judged. */
final readonly class JudgedFlash
{
    /** @param  list<Verdict>  $verdicts */
    public function __construct(
        public FlashPlan $plan,
        public LightDrawing $drawing,
        public FrameEdge $edge,
        public Evenness $even,
        public array $verdicts,
    ) {}
}
