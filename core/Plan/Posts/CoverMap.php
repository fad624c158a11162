<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Drawing\NamedPoint;
use NorthSatchel\Drawing\Point;
use NorthSatchel\Drawing\SidedMark;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundPlan;
use NorthSatchel\Scout\Ground\GroundPost;

/** The drawing of a period: who stands where, which zone they cover, and which stays open. */
final readonly class CoverMap
{
    /** Below one another where several stand at one post. */
    private const LINE_PX = 30.0;

    private const LETTER_PX = 13.0;

    public GroundPlan $plan;

    /** @param  array<string, int>  $worths  by zone */
    public function __construct(
        private Ground $ground,
        private PostCover $cover,
        public PlayedPeriod $period,
        private array $worths,
    ) {
        $this->plan = new GroundPlan($ground);
    }

    /** @return list<CoverRay> from who covers to what is covered */
    public function rays(): array
    {
        $rays = [];
        foreach ($this->cover->coveredIn($this->period->key()) as $covered) {
            [$post, $zone] = [$this->ground->post($covered->post), $this->ground->zone($covered->zone)];
            if ($post !== null && $zone !== null) {
                $from = $this->plan->at($post->xM, $post->yM);
                $to = $this->plan->at($zone->xM, $zone->yM);
                $rays[] = new CoverRay($from->x, $from->y, $to->x, $to->y, $covered->photographer);
            }
        }

        return $rays;
    }

    /** @return list<CoverZone> those that are worth something in the period */
    public function zones(): array
    {
        $open = $this->cover->open[$this->period->key()] ?? [];
        $zones = [];
        foreach ($this->ground->zones as $zone) {
            $worth = $this->worths[$zone->name] ?? $zone->worth;
            if ($worth > 0) {
                $at = $this->plan->at($zone->xM, $zone->yM);
                $zones[] = new CoverZone($zone->name, $at->x, $at->y, $worth, ! in_array($zone->name, $open, true));
            }
        }

        return $zones;
    }

    /** @return list<SidedMark> photographers at their posts, one below the other */
    public function people(): array
    {
        $people = $count = [];
        foreach ($this->cover->at($this->period->key()) as $who => $name) {
            $post = $this->ground->post($name);
            if ($post !== null) {
                $at = $this->plan->at($post->xM, $post->yM);
                $below = $count[$name] ?? 0;
                $below = new Point($at->x, round($at->y + $below * self::LINE_PX, 1));
                $people[] = SidedMark::at($who, $below, GroundPlan::WIDTH, self::LETTER_PX);
                $count[$name] = ($count[$name] ?? 0) + 1;
            }
        }

        return $people;
    }

    /** @return list<string> who goes where when the action moves */
    public function moves(): array
    {
        $moves = [];
        foreach ($this->cover->at($this->period->key()) as $who => $name) {
            $post = $this->ground->post($name);
            $move = $post === null ? null : $this->ground->moveFrom($post);
            $moves = $move === null ? $moves : [...$moves, ucfirst($who).' '.$move];
        }

        return $moves;
    }

    /** @return list<NamedPoint> posts at which nobody stands */
    public function freePosts(): array
    {
        $taken = array_values($this->cover->at($this->period->key()));
        $free = array_filter($this->ground->posts, static fn (GroundPost $p): bool => ! in_array($p->name, $taken, true));

        return array_values(array_map(function (GroundPost $p): NamedPoint {
            $at = $this->plan->at($p->xM, $p->yM);

            return new NamedPoint($p->name, $at->x, $at->y);
        }, $free));
    }
}
