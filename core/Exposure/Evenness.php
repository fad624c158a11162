<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\ImpossibleValue;

/** How evenly one light falls on rows of people: twice as far is two stops less (inverse square law). */
final readonly class Evenness
{
    /** A third of a stop is not seen between two faces (common practice, no source). */
    public const UNSEEN_STOPS = 1 / 3;

    private function __construct(public float $stops, public float $evenFromM) {}

    /**
     * @param  float  $nearestM  from the light to the nearest face
     * @param  float  $farthestM  to the farthest
     *
     * @throws ImpossibleValue
     */
    public static function of(float $nearestM, float $farthestM, float $allowedStops = self::UNSEEN_STOPS): self
    {
        if ($nearestM <= 0 || $farthestM < $nearestM) {
            throw ImpossibleValue::of('nearest_m', 'must be above 0 and no more than the farthest');
        }
        if ($allowedStops <= 0) {
            throw ImpossibleValue::of('allowed_stops', 'must be above 0');
        }
        $depth = $farthestM - $nearestM;

        return new self(2 * log($farthestM / $nearestM, 2), $depth / (2 ** ($allowedStops / 2) - 1));
    }

    public function isSeen(): bool
    {
        return $this->stops > self::UNSEEN_STOPS + 1e-9;
    }
}
