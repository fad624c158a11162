<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/**
 * Whether everybody can have a post in every period: a flow of as many units as there are photographers through the posts of the periods,
 * each of which lets through as many as it holds; augmenting paths (Ford and Fulkerson, 1956).
 */
final class PostFlow
{
    /** @var array<string, array<string, int>> what is still free, by node and node */
    private array $free = [];

    /**
     * @return list<list<int>>|null feasible ways, posts by period and photographer; null where there are none
     */
    public static function ways(PostGrid $grid): ?array
    {
        return (new self)->found($grid);
    }

    /** @return list<list<int>>|null */
    private function found(PostGrid $grid): ?array
    {
        $plan = $grid->plan;
        $last = count($plan->periods) - 1;
        foreach ($plan->periods as $t => $period) {
            foreach ($plan->posts as $i => $post) {
                if (! $grid->isClosed[$t][$i]) {
                    $this->edge("i{$t} {$i}", "o{$t} {$i}", $post->holds);
                    foreach ($t > 0 ? $grid->from[$t - 1][$i] : [] as $from) {
                        $this->edge('o'.($t - 1)." {$from}", "i{$t} {$i}", PHP_INT_MAX >> 1);
                    }
                    if ($t === $last) {
                        $this->edge("o{$t} {$i}", 'end', PHP_INT_MAX >> 1);
                    }
                }
            }
        }
        foreach ($plan->shooters as $p => $shooter) {
            $this->edge('start', "p{$p}", 1);
            foreach ($plan->posts as $i => $post) {
                if (($shooter->startsAt ?? $post->id) === $post->id && ! $grid->isClosed[0][$i]) {
                    $this->edge("p{$p}", "i0 {$i}", 1);
                }
            }
        }
        foreach ($plan->shooters as $unused) {
            if (! $this->augment()) {
                return null;
            }
        }

        return $this->decomposed(count($plan->shooters), $last);
    }

    private function edge(string $from, string $to, int $free): void
    {
        $this->free[$from][$to] = $free;
        $this->free[$to][$from] ??= 0;
    }

    /** One unit more on a shortest way with room; false where there is none. */
    private function augment(): bool
    {
        $before = ['start' => ''];
        for ($queue = ['start'], $at = 0; $at < count($queue) && ! isset($before['end']); $at++) {
            foreach ($this->free[$queue[$at]] ?? [] as $to => $free) {
                if ($free > 0 && ! isset($before[$to])) {
                    $before[$to] = $queue[$at];
                    $queue[] = (string) $to;
                }
            }
        }
        if (! isset($before['end'])) {
            return false;
        }
        for ($node = 'end'; $node !== 'start'; $node = $before[$node]) {
            $this->free[$before[$node]][$node]--;
            $this->free[$node][$before[$node]]++;
        }

        return true;
    }

    /** @return list<list<int>> */
    private function decomposed(int $people, int $last): array
    {
        $ways = [];
        for ($p = 0; $p < $people; $p++) {
            $node = "p{$p}";
            for ($t = 0; $t <= $last; $t++) {
                // What flowed from a node lies free on the way back.
                foreach ($this->free[$node] as $to => $unused) {
                    if (str_starts_with((string) $to, "i{$t} ") && $this->free[$to][$node] > 0) {
                        $this->free[$to][$node]--;
                        $post = (int) explode(' ', (string) $to)[1];
                        $ways[$t][$p] = $post;
                        $node = "o{$t} {$post}";
                        break;
                    }
                }
            }
        }

        return array_map(static fn (array $of): array => array_values($of), array_values($ways));
    }
}
