<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** The light to expect where nobody has metered yet (exposure guides after ANSI PH2.7, and common practice, no source). */
final class AmbientForecast
{
    /** Street lamps, candles and the last of the dusk. */
    public const NIGHT_EV = 3.0;

    /**
     * EV at ISO 100 of faces.
     *
     * @param  bool  $hasWindow  that a person can be put beside
     * @param  float|null  $elevationDeg  of the sun; null where the place is not known
     */
    public static function of(bool $isOutdoor, bool $hasWindow, ?float $elevationDeg): float
    {
        $isDay = $elevationDeg === null || $elevationDeg > 0;
        if (! $isOutdoor) {
            return match (true) {
                $isDay && $hasWindow => Scene::WindowSide->ev100(),
                $isDay => Scene::BrightInterior->ev100(),
                default => Scene::DimInterior->ev100(),
            };
        }

        return $elevationDeg === null ? Scene::OpenShade->ev100() : max(self::NIGHT_EV, ClearSky::shadeEv100($elevationDeg));
    }
}
