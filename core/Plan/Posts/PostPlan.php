<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A question of who stands where: who, the posts, what happens where and when, and what keeps one from it. */
final readonly class PostPlan
{
    public const WALK_M_PER_MIN = 70.0;

    public const SUBJECT_M = 1.8;

    /** Half the height of the frame (common practice, no source). */
    public const FILL = 0.5;

    /** Far below anything that can be measured: two ways of rounding agree. */
    private const EPSILON = 1e-9;

    /**
     * @param  list<Shooter>  $shooters
     * @param  list<Post>  $posts
     * @param  list<Zone>  $zones
     * @param  list<Period>  $periods  in their order
     * @param  array<string, array<string, int>>  $walks  minutes from post to post, both ways unless the other way is listed
     * @param  array<string, array<string, true>>  $blocked  zones that are not seen from a post
     * @param  array<string, array<string, true>>  $closed  posts at which nobody stands in a period
     */
    public function __construct(
        public array $shooters,
        public array $posts,
        public array $zones,
        public array $periods,
        private array $walks = [],
        private array $blocked = [],
        private array $closed = [],
        private float $walkMPerMin = self::WALK_M_PER_MIN,
        private float $subjectM = self::SUBJECT_M,
        private float $fill = self::FILL,
    ) {}

    /** The focal length in mm with which a subject fills its share of the frame's height: fill × sensor × distance ÷ subject. */
    public function focalMm(Shooter $shooter, Post $post, Zone $zone): float
    {
        $distance = hypot(hypot($post->xM - $zone->xM, $post->yM - $zone->yM), $post->upM);

        return $this->fill * $shooter->sensorHeightMm * $distance / $this->subjectM;
    }

    public function covers(Shooter $shooter, Post $post, Zone $zone): bool
    {
        return ! isset($this->blocked[$post->id][$zone->id]) &&
            $this->focalMm($shooter, $post, $zone) <= $shooter->focalMaxMm * (1 + self::EPSILON);
    }

    public function isClosed(Period $period, Post $post): bool
    {
        return isset($this->closed[$period->id][$post->id]);
    }

    public function walkMinutes(Post $from, Post $to): int
    {
        if ($from->id === $to->id) {
            return 0;
        }

        return $this->walks[$from->id][$to->id] ??
            $this->walks[$to->id][$from->id] ??
            (int) ceil(hypot($from->xM - $to->xM, $from->yM - $to->yM) / $this->walkMPerMin - self::EPSILON);
    }

    /** All worth of all periods. */
    public function of(): int
    {
        return array_sum(array_map(static fn (Period $p): int => array_sum($p->worth), $this->periods));
    }
}
