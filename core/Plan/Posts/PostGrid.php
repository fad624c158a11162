<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A question of posts in numbers: what is seen from where as bits, who may walk where after which period. */
final readonly class PostGrid
{
    /** Zones a whole number holds. */
    private const BITS = 60;

    /** @var array<int, array<int, list<int>>> by photographer and post: the zones that are covered, as bits */
    private array $sees;

    /** @var list<list<int>> by period and zone */
    private array $worths;

    /** @var list<list<list<int>>> by the period before and the post: the posts from which it is reached in the break */
    public array $from;

    /** @var list<list<bool>> by period and post */
    public array $isClosed;

    /** So much is worth more than all moves together. */
    public int $scale;

    public function __construct(public PostPlan $plan)
    {
        $this->scale = count($plan->shooters) * count($plan->periods) + 1;
        $sees = [];
        foreach ($plan->shooters as $p => $shooter) {
            foreach ($plan->posts as $i => $post) {
                $bits = [];
                foreach ($plan->zones as $z => $zone) {
                    $word = intdiv($z, self::BITS);
                    $bits[$word] = ($bits[$word] ?? 0) | ($plan->covers($shooter, $post, $zone) ? 1 << ($z % self::BITS) : 0);
                }
                $sees[$p][$i] = array_values($bits);
            }
        }
        $this->sees = $sees;
        $walk = array_map(
            static fn (Post $to): array => array_map(static fn (Post $from): int => $plan->walkMinutes($from, $to), $plan->posts),
            $plan->posts,
        );
        $from = $closed = $worths = [];
        foreach ($plan->periods as $period) {
            $from[] = array_map(
                static fn (array $minutes): array => array_keys(array_filter($minutes, static fn (int $m): bool => $m <= $period->breakMinutes)),
                $walk,
            );
            $closed[] = array_map(static fn (Post $post): bool => $plan->isClosed($period, $post), $plan->posts);
            $worths[] = array_map(static fn (Zone $zone): int => $period->worth[$zone->id] ?? 0, $plan->zones);
        }
        [$this->from, $this->isClosed, $this->worths] = [$from, $closed, $worths];
    }

    /** @return array<int, int> the zones that a photographer covers from a post, as bits by word */
    public function sees(int $photographer, int $post): array
    {
        return $this->sees[$photographer][$post];
    }

    /** @param  array<int, int>  $bits  zones that are covered, by word */
    public function worth(int $period, array $bits): int
    {
        $sum = 0;
        foreach ($bits as $word => $some) {
            for ($z = 0; $some !== 0; $z++, $some >>= 1) {
                $sum += ($some & 1) === 1 ? $this->worths[$period][$word * self::BITS + $z] : 0;
            }
        }

        return $sum;
    }

    /**
     * Worth and moves of everybody's ways in one number.
     *
     * @param  array<int, array<int, int>>  $ways  posts by period and photographer
     */
    public function value(array $ways): int
    {
        $cover = new PostCover($this->plan, $ways, false);

        return $cover->worth * $this->scale - $cover->moves;
    }
}
