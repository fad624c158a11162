<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/**
 * Where those stand who add nothing: among covers of the same worth, with no more moves, one photographer after the other goes where most
 * is covered a second time, from another post. A second view of what matters is a second picture of it, and a spare one.
 */
final class SecondViews
{
    private const NEVER = PHP_INT_MIN >> 1;

    private PostGrid $grid;

    /** @var list<array<int, int>> posts by period and photographer */
    private array $ways;

    /** So much of a second view is less than a move. */
    private int $perMove;

    private int $perWorth;

    private function __construct(private readonly PostCover $cover)
    {
        $plan = $cover->plan;
        $this->grid = new PostGrid($plan);
        $numbers = array_flip(array_map(static fn (Post $p): string => $p->id, $plan->posts));
        $this->ways = array_map(
            static fn (Period $t): array => array_map(
                static fn (Shooter $p): int => $numbers[$cover->at($t->id)[$p->id]],
                $plan->shooters,
            ),
            $plan->periods,
        );
        $this->perMove = $plan->of() * max(1, count($plan->shooters)) + 1;
        $this->perWorth = $this->perMove * $this->grid->scale;
    }

    public static function of(PostCover $cover): PostCover
    {
        $search = new self($cover);
        do {
            $before = $search->ways;
            foreach (array_keys($cover->plan->shooters) as $p) {
                $search->place($p);
            }
        } while ($search->ways !== $before);

        return $search->ways === (new self($cover))->ways ? $cover : new PostCover($cover->plan, $search->ways, $cover->isOptimal);
    }

    /** The best ways of one photographer while the others stay: dynamic programming over their posts. */
    private function place(int $p): void
    {
        $plan = $this->cover->plan;
        $values = $from = [];
        foreach (array_keys($plan->periods) as $t) {
            foreach (array_keys($plan->posts) as $i) {
                $came = $t === 0 ? [0, $i] : $this->entered($values[$t - 1], $this->grid->from[$t - 1][$i], $i);
                $here = $came === null || ! $this->isFree($t, $p, $i) ? null : $this->value($t, $p, $i);
                $values[$t][$i] = $came === null || $here === null ? self::NEVER : $came[0] + $here;
                $from[$t][$i] = $came[1] ?? $i;
            }
        }
        $last = count($plan->periods) - 1;
        if ($last < 0 || $this->total($p, $this->ways) >= max($values[$last])) {
            return;
        }
        $post = (int) array_search(max($values[$last]), $values[$last], true);
        for ($t = $last; $t >= 0; $t--) {
            $this->ways[$t][$p] = $post;
            $post = $from[$t][$post];
        }
    }

    /**
     * @param  array<int, int>  $values  of the period before, by post
     * @param  list<int>  $reached  posts from which one comes here in the break
     * @return array{int, int}|null the value of coming here, and from where
     */
    private function entered(array $values, array $reached, int $here): ?array
    {
        $best = null;
        foreach ($reached as $before) {
            $value = $values[$before] - ($before === $here ? 0 : $this->perMove);
            $best = $values[$before] > self::NEVER && $value > ($best[0] ?? self::NEVER) ? [$value, $before] : $best;
        }

        return $best;
    }

    private function isFree(int $t, int $p, int $post): bool
    {
        $plan = $this->cover->plan;
        $there = count(array_filter($this->ways[$t], static fn (int $i, int $other): bool => $other !== $p && $i === $post, ARRAY_FILTER_USE_BOTH));
        $starts = $t === 0 ? $plan->shooters[$p]->startsAt : null;

        return ! $this->grid->isClosed[$t][$post] && $there < $plan->posts[$post]->holds
            && ($starts === null || $starts === $plan->posts[$post]->id);
    }

    /** What is covered in a period with one photographer there, and less than that counted, what is covered from a second post. */
    private function value(int $t, int $p, int $post): int
    {
        $once = $twice = [];
        $posts = array_replace($this->ways[$t], [$p => $post]);
        ksort($posts);
        $counted = [];
        foreach ($posts as $who => $at) {
            foreach ($this->grid->sees($who, $at) as $word => $bits) {
                $isElsewhere = ! isset($counted[$at]);
                $twice[$word] = ($twice[$word] ?? 0) | ($isElsewhere ? ($once[$word] ?? 0) & $bits : 0);
                $once[$word] = ($once[$word] ?? 0) | $bits;
            }
            $counted[$at] = true;
        }

        return $this->grid->worth($t, $once) * $this->perWorth + $this->grid->worth($t, $twice);
    }

    /** @param  list<array<int, int>>  $ways */
    private function total(int $p, array $ways): int
    {
        $total = 0;
        foreach ($ways as $t => $posts) {
            $isMove = $t > 0 && $posts[$p] !== $ways[$t - 1][$p];
            $total += $this->value($t, $p, $posts[$p]) - ($isMove ? $this->perMove : 0);
        }

        return $total;
    }
}
