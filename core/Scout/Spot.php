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
     * @param  WalkPath|null  $path  by which people walk up to it while they are shot
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
        public ?WalkPath $path = null,
    ) {}

    /** The same seen from some metres to the right of it, as one looks towards a bearing. */
    public function shifted(float $metres, float $lookingDeg): self
    {
        return $this->seenFrom(0.0, $metres, $lookingDeg);
    }

    /** The same seen from somewhere near: so far ahead and so far to the right of it, as one looks towards a bearing. */
    public function seenFrom(float $aheadM, float $rightM, float $lookingDeg): self
    {
        [$ahead, $right] = [deg2rad($lookingDeg), deg2rad($lookingDeg + 90)];
        $things = [];
        foreach ($this->things as $name => $thing) {
            $bearing = deg2rad($thing->bearingDeg);
            $east = $thing->distanceM * sin($bearing) - $aheadM * sin($ahead) - $rightM * sin($right);
            $north = $thing->distanceM * cos($bearing) - $aheadM * cos($ahead) - $rightM * cos($right);
            $things[$name] = ShadowCaster::of(
                fmod(rad2deg(atan2($east, $north)) + 360, 360),
                max(0.1, hypot($east, $north)),
                $thing->heightM,
                $thing->widthM,
            );
        }

        return new self($this->id, $this->name, $this->place, $this->facingDeg, $this->isIndoor, $things, $this->skyline, $this->windows,
            $this->planB, $this->planBTrigger, $this->rejectedBecause, $this->scoutedOn, $this->path);
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
