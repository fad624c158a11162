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

    /** Nearer than this one stands in it, and no lens shows it whole. */
    public const NEAR_M = 2.0;

    /** @param  string|null  $light  from where the sun comes in each period; null where nobody knows, or indoors */
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

    public function isInIt(): bool
    {
        return $this->distanceM < self::NEAR_M;
    }

    /** From the whole scene to the face: lenses with which somebody fills a seventh, half and nine tenths of the frame's height. */
    public function lenses(): string
    {
        $of = fn (float $fill): int => (int) ceil($this->focalMm * $fill / 0.5 - 1e-6);

        return "wide {$of(self::WIDE)}, tight {$of(self::TIGHT)} mm";
    }

    /** @param  array<string, SunPosition>  $suns  in the middle of each period, by its title, in their order; none where nobody knows, or indoors */
    public static function of(Ground $ground, GroundPost $post, GroundZone $zone, PostPlan $plan, array $suns): self
    {
        $distance = $ground->distanceM($post, $zone);
        $from = Post::of($post);
        $focal = $plan->focalMm(new Shooter('', 0.0), $from, Zone::of($zone));

        return new self(
            $post->name,
            $zone->name,
            round($distance, 1),
            $focal,
            in_array($zone->name, $post->unseen, true),
            $distance > 0 ? Panning::of(self::RUN_M_S, $distance, max(1.0, $focal), 0.008, 5.0)->degreesPerSecond : 0.0,
            self::lights($ground->lookingDeg($post, $zone), $suns),
            Backdrop::of($ground, $post, $zone),
        );
    }

    /**
     * One word where it stays, else from which period on it is otherwise: "against the sun, from Second third on sun from the left".
     *
     * @param  array<string, SunPosition>  $suns
     */
    private static function lights(float $lookingDeg, array $suns): ?string
    {
        $parts = [];
        $last = null;
        foreach ($suns as $period => $sun) {
            $light = self::light($lookingDeg, $sun);
            if ($light !== $last) {
                $parts[] = $last === null ? $light : "from {$period} on {$light}";
            }
            $last = $light;
        }

        return $parts === [] ? null : implode(', ', $parts);
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
