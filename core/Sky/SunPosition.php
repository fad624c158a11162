<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/** Where the centre of the sun stands, seen from one place at one moment. */
final readonly class SunPosition
{
    public function __construct(
        /** Above the horizon, degrees, without refraction. */
        public float $elevationDeg,
        /** Clockwise from true north, 0 ≤ x < 360. */
        public float $azimuthDeg,
    ) {}

    /**
     * Elevation as the eye sees it at 1010 hPa and 10 °C.
     *
     * Saemundsson's formula (J. Meeus, Astronomical Algorithms, 2nd ed., eq. 16.4, from memory);
     * below −1°, where it has no meaning, the refraction of −1° fades out towards the nadir.
     */
    public function apparentElevationDeg(): float
    {
        $h = max($this->elevationDeg, -1.0);
        $refractionDeg = 1.02 / tan(deg2rad($h + 10.3 / ($h + 5.11))) / 60;
        if ($this->elevationDeg < -1.0) {
            $refractionDeg *= ($this->elevationDeg + 90) / 89;
        }

        return $this->elevationDeg + $refractionDeg;
    }

    /** Shadow length ÷ height; null at or below the horizon. */
    public function shadowRatio(): ?float
    {
        return $this->elevationDeg > 0 ? 1 / tan(deg2rad($this->elevationDeg)) : null;
    }
}
