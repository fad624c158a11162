<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundPost;

/** A ground with its periods and photographers: the proven cover, the one that was made by hand, and what more would bring. */
final class GroundCover
{
    /** A converter that makes a lens half as long again, nearly (common practice, no source). */
    public const CONVERTER = 1.4;

    /** Worked out once. */
    private ?PostCover $best = null;

    /**
     * @param  list<PlayedPeriod>  $periods  in the order of time
     * @param  list<Shooter>  $shooters
     * @param  array<int, array<string, string>>  $hand  posts by segment and photographer, as they were chosen
     */
    public function __construct(
        public readonly Ground $ground,
        public readonly array $periods,
        public readonly array $shooters,
        private readonly array $hand = [],
        private readonly float $subjectM = PostPlan::SUBJECT_M,
        private readonly float $fill = PostPlan::FILL,
    ) {}

    /** The same, with some of the periods so many minutes later. @param  callable(PlayedPeriod): bool  $isMoved */
    public function later(callable $isMoved, int $minutes): self
    {
        return $this->with(array_map(static fn (PlayedPeriod $p): PlayedPeriod => $isMoved($p) ? $p->later($minutes) : $p, $this->periods));
    }

    /** The same on a day that is planned otherwise; itself where no period of it is. */
    public function on(PlannedDay $day): self
    {
        $segments = array_column(array_map(static fn (Segment $s): array => [$s->id, $s], $day->segments), 1, 0);
        $periods = array_map(static function (PlayedPeriod $p) use ($segments): PlayedPeriod {
            $segment = $segments[$p->segment] ?? null;
            $by = $segment === null ? 0 : intdiv($segment->startsAt - $p->startsAt, 60);

            return $segment === null || ($by === 0 && $segment->minutes === $p->minutes) ? $p : $p->later($by, $segment->minutes);
        }, $this->periods);

        return $periods === $this->periods ? $this : $this->with($periods);
    }

    /** @param  list<PlayedPeriod>  $periods */
    private function with(array $periods): self
    {
        usort($periods, static fn (PlayedPeriod $a, PlayedPeriod $b): int => $a->startsAt <=> $b->startsAt);

        return new self($this->ground, $periods, $this->shooters, $this->hand, $this->subjectM, $this->fill);
    }

    /** Whether there is something to be worked out. */
    public function isAsked(): bool
    {
        return $this->ground->zones !== [] && $this->ground->posts !== [] && $this->periods !== [] && $this->shooters !== [];
    }

    /**
     * The most worth with the fewest moves; who adds nothing to it stands where a second view is worth most.
     *
     * @throws ImpossibleValue when not everybody can have a post in every period
     */
    public function best(): PostCover
    {
        return $this->best ??= SecondViews::of(PostSearch::best($this->plan($this->shooters)));
    }

    /** The cover as it was chosen, for the rest as in the best one; null where nothing was chosen. A post that is gone was not chosen. */
    public function byHand(PostCover $best): ?PostCover
    {
        $places = array_flip(array_map(static fn (GroundPost $p): string => $p->name, $this->ground->posts));
        $posts = [];
        $isChosen = false;
        foreach ($this->periods as $t => $period) {
            $as = $best->at($period->key());
            foreach ($this->shooters as $p => $shooter) {
                $chosen = $places[$this->hand[$period->segment][$shooter->id] ?? ''] ?? null;
                $isChosen = $isChosen || $chosen !== null;
                $posts[$t][$p] = $chosen ?? $places[$as[$shooter->id]];
            }
        }

        return $isChosen ? new PostCover($best->plan, $posts, false) : null;
    }

    /** @param  list<Shooter>  $shooters */
    public function plan(array $shooters): PostPlan
    {
        $blocked = $closed = $walks = [];
        foreach ($this->ground->posts as $post) {
            foreach ($post->unseen as $zone) {
                $blocked[$post->name][$zone] = true;
            }
            foreach ($this->ground->zones as $zone) {
                // Who stands in it covers nothing of it.
                if ($this->ground->distanceM($post, $zone) < PostView::NEAR_M) {
                    $blocked[$post->name][$zone->name] = true;
                }
            }
            foreach ($this->ground->posts as $to) {
                $walks[$post->name][$to->name] = $this->ground->walkMinutes($post, $to);
            }
            foreach ($this->periods as $period) {
                if ($post->until !== null && $period->endMinutes > $post->until->minutes) {
                    $closed[$period->key()][$post->name] = true;
                }
            }
        }
        $periods = [];
        foreach ($this->periods as $t => $period) {
            $next = $this->periods[$t + 1] ?? null;
            $periods[] = new Period(
                $period->key(),
                $next === null ? 0 : max(0, intdiv($next->startsAt - $period->endsAt(), 60)),
                $this->worths($period),
            );
        }

        return new PostPlan(
            $shooters,
            array_map(Post::of(...), $this->ground->posts),
            array_map(Zone::of(...), $this->ground->zones),
            $periods,
            $walks,
            $blocked,
            $closed,
            subjectM: $this->subjectM,
            fill: $this->fill,
        );
    }

    /** @return array<string, int> by zone */
    public function worths(PlayedPeriod $period): array
    {
        $worth = [];
        foreach ($this->ground->zones as $zone) {
            $worth[$zone->name] = $period->worth[$zone->name] ?? $zone->worth;
        }

        return $worth;
    }

    /**
     * What one photographer more, one converter, or one camera that hangs alone would bring, the most first.
     *
     * @param  float  $aloneMm  the lens of a camera that hangs alone
     * @return list<PostGain> those that bring something
     */
    public function gains(PostCover $now, float $aloneMm): array
    {
        $gains = [];
        $longest = 0.0;
        foreach ($this->shooters as $p => $shooter) {
            $longest = max($longest, $shooter->focalMaxMm);
            $longer = new Shooter($shooter->id, self::CONVERTER * $shooter->focalMaxMm, $shooter->sensorHeightMm, $shooter->startsAt);
            $others = array_values(array_replace($this->shooters, [$p => $longer]));
            $gains[] = $this->gain($now, "a converter for the {$shooter->id} (".round($longer->focalMaxMm).' mm)', $others);
        }
        $more = [...$this->shooters, new Shooter('one more', $longest)];
        $gains[] = $this->gain($now, 'one photographer more, with '.round($longest).' mm', $more);
        $gains = array_values(array_filter([...$gains, $this->alone($now, $aloneMm)]));
        usort($gains, static fn (PostGain $a, PostGain $b): int => [$b->worth, $a->what] <=> [$a->worth, $b->what]);

        return $gains;
    }

    /** @param  list<Shooter>  $shooters */
    private function gain(PostCover $now, string $what, array $shooters): ?PostGain
    {
        try {
            $brings = PostSearch::best($this->plan($shooters))->worth - $now->worth;
        } catch (ImpossibleValue) {
            // There is no post for one more.
            return null;
        }

        return $brings > 0 ? new PostGain($what, $brings) : null;
    }

    /** The best place for a camera that stays where it hangs: what it covers, nobody else has to. */
    private function alone(PostCover $now, float $aloneMm): ?PostGain
    {
        $best = null;
        $camera = new Shooter('alone', $aloneMm);
        foreach ($this->ground->posts as $at => $post) {
            $covered = 0;
            $periods = [];
            foreach ($this->periods as $period) {
                $left = [];
                foreach ($this->ground->zones as $z => $zone) {
                    $is = $now->plan->covers($camera, $now->plan->posts[$at], $now->plan->zones[$z]);
                    $left[$zone->name] = $is ? 0 : $this->worths($period)[$zone->name];
                    $covered += $is ? $this->worths($period)[$zone->name] : 0;
                }
                $periods[] = new PlayedPeriod(
                    $period->segment, $period->title, $period->startsAt, $period->minutes, $period->endMinutes, $left, $period->lanes,
                );
            }
            if ($covered > 0) {
                $rest = (new self($this->ground, $periods, $this->shooters, [], $this->subjectM, $this->fill))->best();
                $brings = $covered + $rest->worth - $now->worth;
                $best = $brings > ($best->worth ?? 0)
                    ? new PostGain('a camera alone at '.$post->name.' with '.round($aloneMm).' mm', $brings)
                    : $best;
            }
        }

        return $best;
    }
}
