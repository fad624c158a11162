<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\SceneKind;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;

/** The light somewhere at a minute: where the sun stands, and what to start with. */
final readonly class LightRow implements \JsonSerializable
{
    public const STEP_S = 300;

    /** So far to a side of where they look, and so high, the sun still makes people squint (common practice, no source). */
    private const SQUINT_DEG = 60.0;

    private const SQUINT_HIGH_DEG = 50.0;

    private function __construct(
        public int $at,
        public int $elevationDeg,
        public int $azimuthDeg,
        public float $ev100,
        public string $start,
        /** Whether who stands there as the spot faces looks into the sun. */
        public bool $isSquinting,
        /** What keeps a sun above the level from the spot: a thing, or the land; null in the sun and at night. */
        public ?string $shade,
    ) {}

    /**
     * @param  int  $from  Unix seconds
     * @return list<self> five minutes apart
     */
    public static function rows(
        ?Spot $spot,
        bool $isOutdoor,
        ?GeoPoint $place,
        string $title,
        bool $isFlash,
        int $from,
        int $to,
        DialLimits $limits = new DialLimits(),
        ?SceneKind $scene = null,
    ): array {
        $rows = [];
        $first = intdiv($from, self::STEP_S) * self::STEP_S;
        for ($at = $first; $place !== null && $at <= $to; $at += self::STEP_S) {
            $sun = Sun::at($spot->place ?? $place, $at);
            $light = FaceLight::at($spot, $isOutdoor, $spot->place ?? $place, $at, $scene);
            $rows[] = new self(
                $at,
                (int) round($sun->elevationDeg),
                (int) round($sun->azimuthDeg),
                round($light->ev100, 1),
                SceneExposure::of($title, $light->ev100, $isFlash, $limits, $scene)->says(),
                self::squints($spot, $isOutdoor, $sun),
                $isOutdoor && $sun->elevationDeg > 0 ? $spot?->shadedBy($sun) : null,
            );
        }

        return $rows;
    }

    private static function squints(?Spot $spot, bool $isOutdoor, SunPosition $sun): bool
    {
        return $isOutdoor &&
            $spot?->facingDeg !== null &&
            $sun->elevationDeg > 0 &&
            $sun->elevationDeg < self::SQUINT_HIGH_DEG &&
            $spot->shadedBy($sun) === null &&
            abs(Bearing::turn($spot->facingDeg, $sun->azimuthDeg)) <= self::SQUINT_DEG;
    }

    /** @return list<int|float|string|bool|null> short, for there are hundreds */
    public function jsonSerialize(): array
    {
        return [$this->at, $this->elevationDeg, $this->azimuthDeg, $this->ev100, $this->start, $this->isSquinting, $this->shade];
    }
}
