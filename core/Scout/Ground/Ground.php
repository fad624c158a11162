<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

use NorthSatchel\Drawing\Point;
use NorthSatchel\ImpossibleValue;

/** The place of the action, from above: how large it lies, which way, what happens where, and where one may stand. */
final readonly class Ground
{
    /** On foot, past people and with a bag (common practice, no source). */
    public const WALK_M_PER_MIN = 70.0;

    /**
     * @param  float  $bearingDeg  into which "across" looks: the top of the drawing
     * @param  list<GroundZone>  $zones
     * @param  list<GroundPost>  $posts
     * @param  list<GroundWay>  $ways
     * @param  list<Point>  $outline  its corners in metres, one after the other; none: a rectangle
     */
    private function __construct(
        public GroundKind $kind,
        public float $lengthM,
        public float $widthM,
        public float $bearingDeg,
        public array $zones,
        public array $posts,
        public array $ways,
        public array $outline,
    ) {}

    /**
     * @throws ImpossibleValue naming the field, and the line
     */
    public static function read(
        GroundKind $kind,
        float $lengthM,
        float $widthM,
        float $bearingDeg,
        string $zones,
        string $posts,
        string $ways,
        string $outline = '',
    ): self {
        $readZones = GroundText::zones($zones);
        $readPosts = GroundText::posts($posts, $readZones);

        return new self(
            $kind,
            $lengthM,
            $widthM,
            $bearingDeg,
            $readZones,
            $readPosts,
            GroundText::ways($ways, $readPosts),
            GroundText::outline($outline),
        );
    }

    /** As it is usually laid out. */
    public static function usual(GroundKind $kind): self
    {
        return self::read($kind, $kind->lengthM(), $kind->widthM(), 0.0, $kind->zones(), $kind->posts(), '');
    }

    /** The walk between two posts as somebody said, else in the straight line, with the stairs of both; whole minutes. */
    public function walkMinutes(GroundPost $from, GroundPost $to): int
    {
        if ($from->name === $to->name) {
            return 0;
        }
        $said = $back = null;
        foreach ($this->ways as $way) {
            $said = $way->from === $from->name && $way->to === $to->name ? $way->minutes : $said;
            $back = $way->from === $to->name && $way->to === $from->name ? $way->minutes : $back;
        }

        return $said ?? $back ??
            (int) ceil(hypot($from->xM - $to->xM, $from->yM - $to->yM) / self::WALK_M_PER_MIN - 1e-9) + $from->stairsMinutes + $to->stairsMinutes;
    }

    /** From the camera to what it sees, the height of the post in it; metres. */
    public function distanceM(GroundPost $post, GroundZone $zone): float
    {
        return sqrt(($post->xM - $zone->xM) ** 2 + ($post->yM - $zone->yM) ** 2 + $post->upM ** 2);
    }

    /** The compass bearing in which one looks from a post to a zone. */
    public function lookingDeg(GroundPost $post, GroundZone $zone): float
    {
        $turned = rad2deg(atan2($zone->xM - $post->xM, $zone->yM - $post->yM));

        return fmod($turned + $this->bearingDeg + 720, 360);
    }

    /** Where a thing stands that is seen from a post in a bearing of the compass, so many metres away; metres along and across. */
    public function seenFrom(GroundPost $post, float $bearingDeg, float $distanceM): Point
    {
        $turned = deg2rad($bearingDeg - $this->bearingDeg);

        return new Point($post->xM + $distanceM * sin($turned), $post->yM + $distanceM * cos($turned));
    }

    /** Where one goes from a post when the action moves, and how long that takes; null where one stays. */
    public function moveFrom(GroundPost $post): ?string
    {
        foreach ($this->posts as $other) {
            if ($post->otherPost !== null && mb_strtolower($other->name) === mb_strtolower($post->otherPost)) {
                return "when {$post->trigger}: to {$other->name}, {$this->walkMinutes($post, $other)} min";
            }
        }

        return null;
    }

    public function zone(string $name): ?GroundZone
    {
        foreach ($this->zones as $zone) {
            if ($zone->name === $name) {
                return $zone;
            }
        }

        return null;
    }

    public function post(string $name): ?GroundPost
    {
        foreach ($this->posts as $post) {
            if ($post->name === $name) {
                return $post;
            }
        }

        return null;
    }
}
