<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Drawing\Point;
use NorthSatchel\Exposure\ExposureValue;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Picture\Exif;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;

/**
 * A test picture as a measuring tool: where it was taken, which way it looks, what light it met, and by
 * its angle of view the angles between what is in it.
 *
 * The 35 mm equivalent focal length holds the diagonal angle of view (CIPA DCG-001, from memory), so one
 * radian at the middle is focal ÷ 43.27 mm of the diagonal in pixels.
 */
final readonly class TestPicture
{
    private const DIAGONAL_MM = 43.2666;

    private const FARTHEST_M = 5000.0;

    private function __construct(
        public ?GeoPoint $place,
        public ?float $directionDeg,
        public bool $isMagnetic,
        public ?float $ev100,
        public ?int $takenAt,
        public int $width,
        public int $height,
        public ?float $focal35Mm,
    ) {}

    /**
     * @param  int  $width  in pixels as stored, before turning
     * @param  int  $zoneOffsetS  of the place, where the picture names none
     */
    public static function of(Exif $exif, int $width, int $height, int $zoneOffsetS): self
    {
        [$width, $height] = $exif->orientation >= 5 ? [$height, $width] : [$width, $height];
        $point = $exif->latitudeDeg === null || $exif->longitudeDeg === null ? null : GeoPoint::of($exif->latitudeDeg, $exif->longitudeDeg);
        $hasExposure = $exif->fNumber > 0 && $exif->shutterS > 0 && $exif->iso > 0;

        return new self(
            $point,
            $exif->directionDeg,
            $exif->isMagnetic,
            $hasExposure ? ExposureValue::of((float) $exif->fNumber, (float) $exif->shutterS, (float) $exif->iso)->ev100 : null,
            $exif->instant($zoneOffsetS),
            $width,
            $height,
            $exif->focal35Mm > 0 ? $exif->focal35Mm : null,
        );
    }

    public static function known(
        ?GeoPoint $place,
        ?float $directionDeg,
        bool $isMagnetic,
        ?float $ev100,
        ?int $takenAt,
        int $width,
        int $height,
        ?float $focal35Mm,
    ): self {
        return new self($place, $directionDeg, $isMagnetic, $ev100, $takenAt, $width, $height, $focal35Mm);
    }

    /** Across, in degrees; null when the focal length is not known. */
    public function angleOfViewDeg(): ?float
    {
        return $this->focal35Mm === null ? null : 2 * rad2deg(atan($this->width / 2 / $this->focalPx()));
    }

    /**
     * What two or three taps say of a thing that stands upright on level ground, the picture taken level:
     * the foot's angle below the level gives its distance, where none is known, the top's its height, the
     * edge its width.
     *
     * @param  Point  $foot  shares of width and height from the upper left
     * @param  Point|null  $edge  one side of it
     *
     * @throws ImpossibleValue
     */
    public function measure(Point $foot, Point $top, ?Point $edge, float $eyeM, ?float $distanceM): Measured
    {
        if ($this->focal35Mm === null) {
            throw ImpossibleValue::of('picture', 'must say its focal length: without it a picture has no angles');
        }
        $footDeg = $this->above($foot);
        $topDeg = $this->above($top);
        if ($topDeg <= $footDeg) {
            throw ImpossibleValue::of('top', 'must lie above the foot');
        }
        if ($distanceM === null) {
            $distanceM = $footDeg < 0 ? $eyeM / tan(deg2rad(-$footDeg)) : self::FARTHEST_M + 1;
            if ($distanceM > self::FARTHEST_M) {
                throw ImpossibleValue::of('foot', 'must lie below the middle of the picture, or give the distance');
            }
        }
        $height = $distanceM * (tan(deg2rad($topDeg)) - tan(deg2rad($footDeg)));
        $width = $edge === null ? null : 2 * abs(tan(deg2rad($this->right($edge))) - tan(deg2rad($this->right($foot)))) * $distanceM;

        return new Measured(
            bearingDeg: $this->directionDeg === null ? null : Bearing::whole($this->directionDeg + $this->right($foot)),
            distanceM: $distanceM,
            heightM: $height,
            widthM: $width,
            topDeg: $topDeg,
        );
    }

    private function above(Point $at): float
    {
        return rad2deg(atan(((0.5 - $at->y) * $this->height) / $this->focalPx()));
    }

    private function right(Point $at): float
    {
        return rad2deg(atan((($at->x - 0.5) * $this->width) / $this->focalPx()));
    }

    private function focalPx(): float
    {
        return ((float) $this->focal35Mm * hypot($this->width, $this->height)) / self::DIAGONAL_MM;
    }
}
