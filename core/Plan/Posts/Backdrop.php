<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundPost;
use NorthSatchel\Scout\Ground\GroundZone;
use NorthSatchel\Sky\Bearing;

/** What lies behind somebody in a zone as a post sees them, and where the frame stays empty for a headline. */
final readonly class Backdrop
{
    /** Within so many degrees behind somebody something is in the frame (common practice, no source). */
    private const WITHIN_DEG = 10.0;

    /** Somebody who stands, and the height of a frame that they fill by half; metres. */
    private const PERSON_M = 1.8;

    private const FRAME_M = 3.6;

    /** Of a camera before the eye, by how one is there (common practice, no source). */
    private const STANDING_M = 1.6;

    private const SEATED_M = 1.2;

    private const KNEELING_M = 0.9;

    /**
     * @param  string|null  $behind  the nearest zone behind; null where nothing of the ground is
     * @param  float  $aboveShare  of the frame above the horizon, 0 to 1; indoors above the far edge of the floor
     */
    private function __construct(public ?string $behind, public float $aboveShare) {}

    public static function of(Ground $ground, GroundPost $post, GroundZone $zone): self
    {
        $looking = $ground->lookingDeg($post, $zone);
        $far = hypot($zone->xM - $post->xM, $zone->yM - $post->yM);
        $behind = null;
        $nearest = INF;
        foreach ($ground->zones as $other) {
            $to = hypot($other->xM - $post->xM, $other->yM - $post->yM);
            $isBehind = $other->name !== $zone->name && $to > $far && $to < $nearest
                && abs(Bearing::turn($looking, $ground->lookingDeg($post, $other))) <= self::WITHIN_DEG;
            [$behind, $nearest] = $isBehind ? [$other->name, $to] : [$behind, $nearest];
        }
        $notes = mb_strtolower(implode(' ', $post->notes));
        $eye = $post->upM + match (true) {
            str_contains($notes, 'knee') => self::KNEELING_M,
            str_contains($notes, 'seat') => self::SEATED_M,
            default => self::STANDING_M,
        };

        // Aimed at the middle of somebody, the horizon lies as far above it as the camera does, in frames of that size.
        return new self($behind, max(0.0, min(1.0, 0.5 - ($eye - self::PERSON_M / 2) / self::FRAME_M)));
    }

    public function says(): string
    {
        $share = (int) round(100 * $this->aboveShare);

        return match (true) {
            $this->behind !== null => "behind: {$this->behind}",
            $share === 0 => 'ground all around: empty beside them',
            default => "empty above: the upper {$share} %",
        };
    }
}
