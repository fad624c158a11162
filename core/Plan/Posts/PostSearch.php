<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\ImpossibleValue;

/**
 * The most worth that can be covered, and among equals the fewest moves. Whoever stands where is one state of a period; walks bind each
 * photographer alone, so the best way into a state is found one photographer after the other (dynamic programming over the product, its
 * steps a tropical matrix product a coordinate). Where there are too many states, from feasible ways photographer after photographer and
 * pair after pair, and then it is not called proven.
 */
final class PostSearch
{
    /** Looks of one search over the whole product: below a second. */
    private const MOST_LOOKS = 6_000_000;

    /**
     * @throws ImpossibleValue when not everybody can have a post in every period
     */
    public static function best(PostPlan $plan): PostCover
    {
        $grid = new PostGrid($plan);
        $people = array_keys($plan->shooters);
        if ($people === [] || $plan->periods === []) {
            return new PostCover($plan, array_fill(0, count($plan->periods), []), true);
        }
        $start = PostFlow::ways($grid) ??
            throw ImpossibleValue::of('photographers', 'must each have a post that they can reach in every period');
        $looks = count($plan->posts) ** (count($people) + 1) * count($people) * count($plan->periods);
        if ($looks <= self::MOST_LOOKS) {
            return new PostCover($plan, PostStates::best($grid, $people, $start), true);
        }
        $ways = self::improved($grid, $start);
        $cover = new PostCover($plan, $ways, false);

        return $cover->worth === $plan->of() && $cover->moves === 0 ? new PostCover($plan, $ways, true) : $cover;
    }

    /**
     * @param  array<int, array<int, int>>  $ways  posts by period and photographer
     * @return array<int, array<int, int>>
     */
    private static function improved(PostGrid $grid, array $ways): array
    {
        $count = count($grid->plan->shooters);
        $pairs = [];
        for ($a = 0; $a < $count; $a++) {
            for ($b = $a + 1; $b < $count; $b++) {
                $pairs[] = [$a, $b];
            }
        }
        $value = -1;
        while ($value < $now = $grid->value($ways)) {
            $value = $now;
            foreach ([...array_map(static fn (int $p): array => [$p], range(0, $count - 1)), ...$pairs] as $some) {
                if (count($grid->plan->posts) ** (count($some) + 1) * count($grid->plan->periods) * 2 <= self::MOST_LOOKS) {
                    $ways = PostStates::best($grid, $some, $ways);
                }
            }
        }

        return $ways;
    }
}
