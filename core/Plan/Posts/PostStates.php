<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** The best ways of some photographers while the others go theirs. */
final class PostStates
{
    private const NEVER = PHP_INT_MIN >> 1;

    private int $posts;

    private int $states;

    /** @var list<int> the step from post to post of each of the photographers */
    private array $steps;

    /**
     * @param  non-empty-list<int>  $some  the photographers
     * @param  array<int, array<int, int>>  $others  posts by period and photographer
     */
    private function __construct(private readonly PostGrid $grid, private readonly array $some, private readonly array $others)
    {
        $this->posts = count($grid->plan->posts);
        $this->states = $this->posts ** count($some);
        $this->steps = array_map(fn (int $k): int => $this->posts ** $k, array_keys($some));
    }

    /**
     * @param  non-empty-list<int>  $some  photographers whose ways are looked for
     * @param  array<int, array<int, int>>  $ways  feasible ones, posts by period and photographer
     * @return array<int, array<int, int>> with theirs the best
     */
    public static function best(PostGrid $grid, array $some, array $ways): array
    {
        return (new self($grid, $some, $ways))->found($ways);
    }

    /**
     * @param  array<int, array<int, int>>  $ways
     * @return array<int, array<int, int>>
     */
    private function found(array $ways): array
    {
        $values = [$this->entered(0, array_fill(0, $this->states, 0))];
        for ($t = 1; $t < count($ways); $t++) {
            $values[$t] = $this->entered($t, $this->walked($t, $values[$t - 1])[count($this->some)]);
        }
        $last = count($ways) - 1;
        $state = 0;
        foreach ($values[$last] as $at => $value) {
            $state = $value > $values[$last][$state] ? $at : $state;
        }
        for ($t = $last; $t >= 0; $t--) {
            foreach ($this->some as $k => $p) {
                $ways[$t][$p] = intdiv($state, $this->steps[$k]) % $this->posts;
            }
            if ($t > 0) {
                $state = $this->before($t, $state, $values[$t - 1]);
            }
        }

        return $ways;
    }

    /**
     * The value of coming into each state, one photographer after the other.
     *
     * @param  list<int>  $values  of the period before
     * @return list<list<int>> after none, the first, … all of them have walked
     */
    private function walked(int $t, array $values): array
    {
        $stages = [$values];
        foreach ($this->steps as $step) {
            $next = [];
            for ($state = 0; $state < $this->states; $state++) {
                $at = intdiv($state, $step) % $this->posts;
                $base = $state - $at * $step;
                $best = self::NEVER;
                foreach ($this->grid->from[$t - 1][$at] as $from) {
                    $value = $values[$base + $from * $step] - ($from === $at ? 0 : 1);
                    $best = $value > $best ? $value : $best;
                }
                $next[] = $best;
            }
            $stages[] = $values = $next;
        }

        return $stages;
    }

    /** @param  list<int>  $values  of the period before */
    private function before(int $t, int $state, array $values): int
    {
        $stages = $this->walked($t, $values);
        for ($k = count($this->some) - 1; $k >= 0; $k--) {
            $step = $this->steps[$k];
            $at = intdiv($state, $step) % $this->posts;
            $base = $state - $at * $step;
            foreach ($this->grid->from[$t - 1][$at] as $from) {
                if ($stages[$k][$base + $from * $step] - ($from === $at ? 0 : 1) === $stages[$k + 1][$state]) {
                    $state = $base + $from * $step;
                    break;
                }
            }
        }

        return $state;
    }

    /**
     * With what is covered in the period; states that cannot be are never entered.
     *
     * @param  list<int>  $values
     * @return list<int>
     */
    private function entered(int $t, array $values): array
    {
        $free = array_map(static fn (Post $post): int => $post->holds, $this->grid->plan->posts);
        $seen = [];
        foreach ($this->others[$t] as $p => $post) {
            if (! in_array($p, $this->some, true)) {
                $free[$post]--;
                foreach ($this->grid->sees($p, $post) as $word => $bits) {
                    $seen[$word] = ($seen[$word] ?? 0) | $bits;
                }
            }
        }
        $worths = [];
        foreach ($values as $state => $value) {
            $bits = $value > self::NEVER / 2 ? $this->seen($t, $state, $free, $seen) : null;
            if ($bits === null) {
                $values[$state] = self::NEVER;

                continue;
            }
            $key = implode(' ', $bits);
            $values[$state] += ($worths[$key] ??= $this->grid->worth($t, $bits)) * $this->grid->scale;
        }

        return $values;
    }

    /**
     * @param  array<int, int>  $free  how many more each post holds
     * @param  array<int, int>  $seen  by the others
     * @return array<int, int>|null zones as bits by word; null where they cannot stand so
     */
    private function seen(int $t, int $state, array $free, array $seen): ?array
    {
        foreach ($this->some as $k => $p) {
            $at = intdiv($state, $this->steps[$k]) % $this->posts;
            $starts = $t === 0 ? $this->grid->plan->shooters[$p]->startsAt : null;
            if (--$free[$at] < 0 || $this->grid->isClosed[$t][$at] || ($starts !== null && $starts !== $this->grid->plan->posts[$at]->id)) {
                return null;
            }
            foreach ($this->grid->sees($p, $at) as $word => $bits) {
                $seen[$word] = ($seen[$word] ?? 0) | $bits;
            }
        }

        return $seen;
    }
}
