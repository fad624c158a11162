<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** Where people will stand, which way they face, and what stands around. */
final readonly class Spot
{
    /** @param  array<string, ShadowCaster>  $things by name */
    public function __construct(
        public int $id,
        public string $name,
        public ?GeoPoint $place,
        public ?float $facingDeg,
        public bool $isIndoor,
        public array $things,
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

        return new self($this->id, $this->name, $this->place, $this->facingDeg, $this->isIndoor, $things);
    }

    /** Whether a thing stands between a face here and the sun. */
    public function shadedBy(SunPosition $sun): ?string
    {
        foreach ($this->things as $name => $thing) {
            if ($thing->depthDeg($sun, self::FACE_M) > 0) {
                return $name;
            }
        }

        return null;
    }

    /** Height of a face above the ground. */
    public const FACE_M = 1.6;
}
