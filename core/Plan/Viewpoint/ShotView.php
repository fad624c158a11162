<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Viewpoint;

/** From where a shot is taken, as far as somebody has said. */
final readonly class ShotView
{
    public const DISTANCES = ['wide', 'middle', 'tight'];

    public const HEIGHTS = ['ground', 'low', 'eye', 'high'];

    public const SIDES = ['front', 'behind', 'profile'];

    /** @param  int|null  $emptyPercent  of the frame, left for words */
    public function __construct(
        public string $scene,
        public ?string $distance,
        public ?string $height,
        public ?string $side,
        public ?int $emptyPercent = null,
    ) {}
}
