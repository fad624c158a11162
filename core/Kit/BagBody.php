<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** A body in the bag, with what the budgets ask of it. */
final readonly class BagBody
{
    public function __construct(
        public string $label,
        public string $lane,
        public float $rawMb,
        public float $jpegMb,
        public int $framesPerCharge,
        public float $standbyHoursPerCharge,
        public string $cellType,
        public SaveMode $mode,
    ) {}
}
