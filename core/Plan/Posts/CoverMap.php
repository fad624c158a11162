<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Drawing\Labels;
use NorthSatchel\Drawing\NamedPoint;
use NorthSatchel\Drawing\PlacedMark;
use NorthSatchel\Drawing\Point;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundPlan;
use NorthSatchel\Scout\Ground\GroundPost;
use NorthSatchel\Sky\SunPosition;

/** The drawing of a period: who stands where, which zone they cover, and which stays open. */
final readonly class CoverMap
{
    /** How far from their points the marks are drawn, and the size of the names. */
    private const ZONE_PX = 20.0;

    private const FREE_PX = 8.0;

    private const PERSON_PX = 12.0;

    public const NAME_PX = 26.0;

    public GroundPlan $plan;

    /** Where the sun stands in the middle of the period; null below the horizon, indoors, or where nobody knows. */
    public ?Point $sun;

    /** @param  array<string, int>  $worths  by zone */
    public function __construct(
        private Ground $ground,
        private PostCover $cover,
        public PlayedPeriod $period,
        private array $worths,
        ?SunPosition $sun = null,
    ) {
        $this->plan = new GroundPlan($ground);
        $this->sun = $sun === null ? null : $this->plan->sun($sun);
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

    /** @return list<NamedPoint> photographers at their posts */
    public function people(): array
    {
        $people = [];
        foreach ($this->cover->at($this->period->key()) as $who => $name) {
            $post = $this->ground->post($name);
            if ($post !== null) {
                $at = $this->plan->at($post->xM, $post->yM);
                $people[] = new NamedPoint($who, $at->x, $at->y);
            }
        }

        return $people;
    }

    /** @return list<PlacedMark> their names, none over another or over a zone */
    public function names(): array
    {
        $marks = $reach = [];
        foreach ([[$this->zones(), self::ZONE_PX], [$this->freePosts(), self::FREE_PX]] as [$of, $px]) {
            foreach ($of as $mark) {
                $marks[] = new NamedPoint('', $mark->x, $mark->y);
                $reach[] = $px;
            }
        }
        $people = $this->people();
        $placed = Labels::beside(
            [...$marks, ...$people],
            [...$reach, ...array_fill(0, count($people), self::PERSON_PX)],
            self::NAME_PX,
            GroundPlan::WIDTH,
            $this->plan->height,
        );

        return array_values(array_filter($placed, static fn (PlacedMark $m): bool => $m->label !== ''));
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
