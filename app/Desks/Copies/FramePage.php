<?php

declare(strict_types=1);

namespace App\Desks\Copies;

/** A page of the index, and how many exposures there are in all. */
final readonly class FramePage
{
    /**
     * @param  list<FrameRow>  $frames
     */
    public function __construct(
        public array $frames,
        public int $count,
    ) {}
}
