<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** Who stands where in each period, and what that covers. */
final readonly class PostCover
{
    /** @var list<Standing> by period, in the order of the photographers */
    public array $standings;

    /** @var list<CoveredZone> of worth above 0, by the one with the shortest lens for it */
    public array $covered;

    /** @var array<string, list<string>> by period, zones of worth above 0 that nobody covers */
    public array $open;

    public int $worth;

    public int $moves;

    /** @param  array<int, array<int, int>>  $posts  by period and photographer, numbers of posts */
    public function __construct(public PostPlan $plan, array $posts, public bool $isOptimal)
    {
        $standings = $covered = $open = [];
        $worth = $moves = 0;
        foreach ($plan->periods as $t => $period) {
            foreach ($plan->shooters as $p => $shooter) {
                $standings[] = new Standing($period->id, $shooter->id, $plan->posts[$posts[$t][$p]]->id);
                $moves += $t > 0 && $posts[$t][$p] !== $posts[$t - 1][$p] ? 1 : 0;
            }
            foreach ($plan->zones as $zone) {
                $of = $period->worth[$zone->id] ?? 0;
                $by = $of > 0 ? self::by($plan, $posts[$t], $period, $zone) : null;
                if ($by !== null) {
                    $covered[] = $by;
                    $worth += $of;
                } elseif ($of > 0) {
                    $open[$period->id][] = $zone->id;
                }
            }
        }
        [$this->standings, $this->covered, $this->open, $this->worth, $this->moves] = [$standings, $covered, $open, $worth, $moves];
    }

    /** @param  array<int, int>  $posts  by photographer */
    private static function by(PostPlan $plan, array $posts, Period $period, Zone $zone): ?CoveredZone
    {
        $best = null;
        foreach ($plan->shooters as $p => $shooter) {
            $post = $plan->posts[$posts[$p]];
            if ($plan->covers($shooter, $post, $zone)) {
                $by = new CoveredZone($period->id, $zone->id, $shooter->id, $post->id, $plan->focalMm($shooter, $post, $zone));
                $isShorter = $best === null || $by->focalMm < $best->focalMm
                    || ($by->focalMm === $best->focalMm && strcmp($by->photographer, $best->photographer) < 0);
                $best = $isShorter ? $by : $best;
            }
        }

        return $best;
    }

    /** @return array<string, string> posts by photographer, in a period */
    public function at(string $period): array
    {
        $at = [];
        foreach ($this->standings as $standing) {
            if ($standing->period === $period) {
                $at[$standing->photographer] = $standing->post;
            }
        }

        return $at;
    }

    /** @return list<CoveredZone> */
    public function coveredIn(string $period): array
    {
        return array_values(array_filter($this->covered, static fn (CoveredZone $c): bool => $c->period === $period));
    }
}
