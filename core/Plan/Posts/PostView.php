<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Optics\Panning;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundPost;
use NorthSatchel\Scout\Ground\GroundZone;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\SunPosition;

/** What a post gives towards a zone: how long a lens, how fast one turns with what passes, and from where the sun comes. */
final readonly class PostView
{
    /** Somebody who runs (common practice, no source). */
    public const RUN_M_S = 8.0;

    /** Within so many degrees of where one looks the sun is in the lens, beyond so many it is behind one (common practice, no source). */
    private const AGAINST_DEG = 60.0;

    private const BEHIND_DEG = 120.0;

    /** Shares of the frame's height (common practice, no source). */
    private const WIDE = 0.14;

    private const TIGHT = 0.9;

    private function __construct(
        public string $post,
        public string $zone,
        public float $distanceM,
        public float $focalMm,
        public bool $isHidden,
        public float $degreesPerSecond,
        public ?string $light,
        public Backdrop $backdrop,
    ) {}

    /** From the whole scene to the face: lenses with which somebody fills a seventh, half and nine tenths of the frame's height. */
    public function lenses(): string
    {
        $of = fn (float $fill): int => (int) ceil($this->focalMm * $fill / 0.5 - 1e-6);

        return "wide {$of(self::WIDE)}, tight {$of(self::TIGHT)} mm";
    }

    /** @param  SunPosition|null  $sun  where nobody knows the place */
    public static function of(Ground $ground, GroundPost $post, GroundZone $zone, PostPlan $plan, ?SunPosition $sun): self
    {
        $distance = $ground->distanceM($post, $zone);
        $from = new Post($post->name, $post->xM, $post->yM, 1, $post->upM);
        $focal = $plan->focalMm(new Shooter('', 0.0), $from, new Zone($zone->name, $zone->xM, $zone->yM));

        return new self(
            $post->name,
            $zone->name,
            round($distance, 1),
            $focal,
            in_array($zone->name, $post->unseen, true),
            $distance > 0 ? Panning::of(self::RUN_M_S, $distance, max(1.0, $focal), 0.008, 5.0)->degreesPerSecond : 0.0,
            $sun === null ? null : self::light($ground->lookingDeg($post, $zone), $sun),
            Backdrop::of($ground, $post, $zone),
        );
    }

    /** From where the sun comes, seen from behind the camera. */
    private static function light(float $lookingDeg, SunPosition $sun): string
    {
        $turn = Bearing::turn($lookingDeg, $sun->azimuthDeg);

        return match (true) {
            $sun->elevationDeg <= 0 => 'the sun is down',
            abs($turn) < self::AGAINST_DEG => 'against the sun',
            abs($turn) > self::BEHIND_DEG => 'sun over the shoulder',
            default => $turn < 0 ? 'sun from the left' : 'sun from the right',
        };
    }
}
