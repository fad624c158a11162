<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/** Where to focus and how far to stop down so that all rows are sharp. */
final readonly class RowsFocus
{
    /** Nominal third stops (ISO 517). */
    public const STOPS = [
        1.4, 1.6, 1.8, 2.0, 2.2, 2.5, 2.8, 3.2, 3.5, 4.0, 4.5, 5.0, 5.6, 6.3, 7.1, 8.0, 9.0, 10.0, 11.0, 13.0, 14.0,
        16.0, 18.0, 20.0, 22.0,
    ];

    private function __construct(
        /** Null when f/22 does not hold them. */
        public ?float $fNumber,
        public float $focusM,
        public ?float $nearM,
        public ?float $farM,
    ) {}

    /**
     * Focus at 2·N·F/(N+F) for the nearest and the farthest row (from the depth of field formulas: there both
     * are equally unsharp), and the widest nominal stop that holds them.
     *
     * @param  non-empty-list<float>  $rowDistancesM
     *
     * @throws ImpossibleValue
     */
    public static function of(float $focalMm, float $cocMm, array $rowDistancesM, float $widest = self::STOPS[0]): self
    {
        [$near, $far] = [min($rowDistancesM), max($rowDistancesM)];
        if ($near <= 0) {
            throw ImpossibleValue::of('row_distances_m', 'must be above 0');
        }
        $focus = (2 * $near * $far) / ($near + $far);
        foreach (self::STOPS as $stop) {
            $depth = DepthOfField::of($focalMm, $stop, $focus, $cocMm);
            // Focused on a single row, its near and far limits touch it for any stop.
            if ($stop >= $widest && $depth->nearM <= $near && ($depth->farM === null || $depth->farM >= $far)) {
                return new self($stop, $focus, $depth->nearM, $depth->farM);
            }
        }

        return new self(null, $focus, null, null);
    }
}
