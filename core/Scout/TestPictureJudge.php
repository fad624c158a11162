<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Remedy;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/** What a test picture says of its spot: where it really is, which way they face, and how far the light was from a clear sky. */
final class TestPictureJudge
{
    /** Phones know their place to about this (common practice, no source). */
    private const PLACE_ERROR_M = 30.0;

    /** @return list<Verdict> */
    public static function of(string $name, TestPicture $picture, int $spotId, ?GeoPoint $spot, LocalDay $day): array
    {
        return array_values(
            array_filter([
                self::place($name, $picture, $spotId, $spot),
                self::light($name, $picture, $spot, $day),
                $picture->focal35Mm === null
                    ? Verdict::mind(
                        'scout.picture-no-angle',
                        "{$name} cannot be measured in.",
                        'It does not say its focal length, so its pixels have no angles.',
                    )
                    : null,
            ]),
        );
    }

    private static function place(string $name, TestPicture $picture, int $spotId, ?GeoPoint $spot): ?Verdict
    {
        if ($picture->place === null) {
            return Verdict::mind(
                'scout.picture-no-place',
                "{$name} does not say where it was taken.",
                'Allow the camera to know the place, or give the spot its coordinates by hand.',
            );
        }
        $remedy = new Remedy('spot.place', 'Put the spot there', [
            'spot' => $spotId,
            'latitude' => (string) $picture->place->latitudeDeg,
            'longitude' => (string) $picture->place->longitudeDeg,
        ]);
        if ($spot === null) {
            return Verdict::fix(
                'scout.picture-place',
                "{$name} knows where this spot is.",
                'The spot has no coordinates, and the picture does.',
                [],
                $remedy,
            );
        }
        $metres = (int) round($spot->kmTo($picture->place) * 1000);

        return $metres <= self::PLACE_ERROR_M
            ? null
            : Verdict::mind(
                'scout.picture-place',
                "{$name} was taken {$metres} m from where this spot is written down.",
                'By the coordinates in the picture. The sun is the same there; the walk is not.',
                ['metres' => $metres],
                $remedy,
            );
    }

    private static function light(string $name, TestPicture $picture, ?GeoPoint $spot, LocalDay $day): ?Verdict
    {
        $at = $picture->place ?? $spot;
        if ($picture->ev100 === null || $picture->takenAt === null || $at === null) {
            return null;
        }
        $sun = Sun::at($at, $picture->takenAt);
        if ($sun->elevationDeg <= 0) {
            return null;
        }
        $clear = ClearSky::ev100($sun->elevationDeg);
        $below = round($clear - $picture->ev100, 1);
        $metered = round($picture->ev100, 1);
        $elevation = (int) round($sun->elevationDeg);
        $said = $below >= 0 ? "{$below} stops below" : -$below.' stops above';

        return Verdict::mind(
            'scout.picture-light',
            "{$name} met EV {$metered}.",
            'A clear sky gives EV '.
                round($clear, 1).
                " with the sun {$elevation}° high, as at {$day->face(
                    $picture->takenAt,
                )} that day: the picture was {$said} it. Expect the same difference in the same weather.",
            ['ev100' => $picture->ev100, 'stops_below_clear_sky' => $below],
        );
    }
}
