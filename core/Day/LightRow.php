<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;

/** The light somewhere at a minute: where the sun stands, and what to start with. */
final readonly class LightRow implements \JsonSerializable
{
    public const STEP_S = 300;

    private function __construct(
        public int $at,
        public int $elevationDeg,
        public int $azimuthDeg,
        public float $ev100,
        public string $start,
    ) {}

    /**
     * @param  int  $from  Unix seconds
     * @return list<self> five minutes apart
     */
    public static function rows(?Spot $spot, bool $isOutdoor, ?GeoPoint $place, string $title, bool $isFlash, int $from, int $to): array
    {
        $rows = [];
        $first = intdiv($from, self::STEP_S) * self::STEP_S;
        for ($at = $first; $place !== null && $at <= $to; $at += self::STEP_S) {
            $sun = Sun::at($spot->place ?? $place, $at);
            $light = FaceLight::at($spot, $isOutdoor, $spot->place ?? $place, $at);
            $rows[] = new self(
                $at,
                (int) round($sun->elevationDeg),
                (int) round($sun->azimuthDeg),
                round($light->ev100, 1),
                SceneExposure::of($title, $light->ev100, $isFlash)->says(),
            );
        }

        return $rows;
    }

    /** @return list<int|float|string> short, for there are hundreds */
    public function jsonSerialize(): array
    {
        return [$this->at, $this->elevationDeg, $this->azimuthDeg, $this->ev100, $this->start];
    }
}
