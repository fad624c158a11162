<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunPosition;

/** Where people will stand, which way they face, and what stands around. */
final readonly class Spot
{
    /** Height of a face above the ground. */
    public const FACE_M = 1.6;

    public const LAND = 'the skyline';

    /**
     * @param  array<string, ShadowCaster>  $things by name
     * @param  list<Window>  $windows of an indoor spot
     * @param  string|null  $scoutedOn YYYY-MM-DD
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?GeoPoint $place,
        public ?float $facingDeg,
        public bool $isIndoor,
        public array $things,
        public Skyline $skyline,
        public array $windows = [],
        public ?string $planB = null,
        public ?string $planBTrigger = null,
        public ?string $rejectedBecause = null,
        public ?string $scoutedOn = null,
    ) {}

    /** The same seen from some metres to the right of it, as one looks towards a bearing. */
    public function shifted(float $metres, float $lookingDeg): self
    {
        $things = [];
        foreach ($this->things as $name => $thing) {
            $east = $thing->distanceM * sin(deg2rad($thing->bearingDeg)) - $metres * sin(deg2rad($lookingDeg + 90));
            $north = $thing->distanceM * cos(deg2rad($thing->bearingDeg)) - $metres * cos(deg2rad($lookingDeg + 90));
            $things[$name] = ShadowCaster::of(
                fmod(rad2deg(atan2($east, $north)) + 360, 360),
                max(0.1, hypot($east, $north)),
                $thing->heightM,
                $thing->widthM,
            );
        }

        return new self($this->id, $this->name, $this->place, $this->facingDeg, $this->isIndoor, $things, $this->skyline, $this->windows,
            $this->planB, $this->planBTrigger, $this->rejectedBecause, $this->scoutedOn);
    }

    /** What stands between a face here and a sun above the level: a thing, or the land itself; null in the sun. */
    public function shadedBy(SunPosition $sun): ?string
    {
        if ($sun->elevationDeg > 0 && $this->skyline->clearanceDeg($sun) <= 0) {
            return self::LAND;
        }
        foreach ($this->things as $name => $thing) {
            if ($thing->depthDeg($sun, self::FACE_M) > 0) {
                return $name;
            }
        }

        return null;
    }

    /** Whether direct sun falls on a face here. */
    public function isInSun(SunPosition $sun): bool
    {
        return $sun->elevationDeg > 0 && $this->shadedBy($sun) === null;
    }
}
