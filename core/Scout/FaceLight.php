<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Exposure\AmbientForecast;
use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Exposure\Scene;
use NorthSatchel\SceneKind;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;

/** The light on faces somewhere at some minute: one value, for every page that speaks of it. */
final readonly class FaceLight
{
    /** From so far behind it lights their backs, from so high on it puts shadows into their eyes (common practice, no source). */
    private const BACKLIT_DEG = 110.0;

    private const HIGH_DEG = 50.0;

    private const LOWEST_DEG = 3.0;

    /** Why faces there want fill at that minute, in words; null where they do not, or where nothing is known of the spot. */
    public static function fill(?Spot $spot, bool $isOutdoor, ?GeoPoint $place, int $at): ?string
    {
        if ($spot === null || $spot->isIndoor || ! $isOutdoor || $place === null) {
            return null;
        }
        $sun = Sun::at($spot->place ?? $place, $at);
        if ($sun->elevationDeg < self::LOWEST_DEG || $spot->shadedBy($sun) !== null) {
            return null;
        }
        $high = (int) round($sun->elevationDeg);

        return match (true) {
            $spot->facingDeg !== null && abs(Bearing::turn($spot->facingDeg, $sun->azimuthDeg)) >= self::BACKLIT_DEG => 'the sun stands '.
                'behind the faces',
            $sun->elevationDeg >= self::HIGH_DEG => "the sun stands {$high}° high and puts shadows into the eyes",
            default => null,
        };
    }

    /**
     * @param  float  $ev100  at ISO 100
     * @param  bool  $isOfSky  whether clouds take of it: lamps know none
     */
    private function __construct(public float $ev100, public string $why, public bool $isOfSky = false) {}

    /**
     * @param  bool  $isOutdoor  where no spot says it
     * @param  int  $at  Unix seconds
     * @param  SceneKind|null  $scene  where somebody knows it: what is played or shown indoors has lamps of its own
     */
    public static function at(?Spot $spot, bool $isOutdoor, ?GeoPoint $place, int $at, ?SceneKind $scene = null): self
    {
        $isIndoor = $spot === null ? ! $isOutdoor : $spot->isIndoor;
        if ($isIndoor && $scene === SceneKind::Action) {
            return new self(Scene::FloodlitSport->ev100(), 'under the lamps of a sports hall');
        }
        if ($isIndoor && $scene === SceneKind::Stage) {
            return new self(Scene::BrightStage->ev100(), 'under the lights of a stage');
        }
        $sun = $place === null ? null : Sun::at($place, $at);
        $hasWindow = $spot !== null && $spot->windows !== [];
        $ev = AmbientForecast::of(! $isIndoor, $hasWindow, $sun?->elevationDeg);
        $height = $sun === null ? 0 : (int) round($sun->elevationDeg);
        if ($isIndoor) {
            return new self($ev, match (true) {
                $sun !== null && $sun->elevationDeg <= 0 => 'by lamps, for the sun is down',
                $hasWindow => 'beside a window, out of its direct sun (common practice)',
                default => 'in a lit room',
            }, $hasWindow && ($sun === null || $sun->elevationDeg > 0));
        }
        if ($sun === null) {
            return new self($ev, 'in open shade; the place has no coordinates', true);
        }
        if ($sun->elevationDeg <= 0) {
            return new self(
                $ev,
                match (true) {
                    $height === 0 => 'the sun at the horizon',
                    $ev > AmbientForecast::NIGHT_EV => 'the sun '.abs($height).'° below the horizon',
                    default => 'the sun '.abs($height).'° below the horizon, with lamps or candles near',
                },
                $ev > AmbientForecast::NIGHT_EV,
            );
        }
        $isInSun =
            $spot !== null &&
            $spot->facingDeg !== null &&
            $spot->shadedBy($sun) === null &&
            abs(Bearing::turn($spot->facingDeg, $sun->azimuthDeg)) <= 90;

        return $isInSun
            ? new self(ClearSky::ev100($sun->elevationDeg), "a clear sky with the sun {$height}° high, faces in the sun", true)
            : new self($ev, "a clear sky with the sun {$height}° high, faces in shade", true);
    }
}
