<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** What the arithmetic needs of a flash. */
final readonly class FlashGun
{
    /**
     * @param  float  $guideNumberM  metres, at ISO 100 and full power
     * @param  float  $recycleS  after a pop at full power
     * @param  int  $popsACharge  at full power
     */
    public function __construct(
        public string $label,
        public float $guideNumberM,
        public float $recycleS = 2.0,
        public int $popsACharge = 200,
        public bool $hasHighSpeed = true,
    ) {}
}
