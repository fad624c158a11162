<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Plan\Posts\Period;
use NorthSatchel\Plan\Posts\Post;
use NorthSatchel\Plan\Posts\PostPlan;
use NorthSatchel\Plan\Posts\Shooter;
use NorthSatchel\Plan\Posts\Zone;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Made-up grounds with posts, from a seed; and the best cover of one found in two other ways. */
final class RandomPosts
{
    public static function of(int $seed, int $people, int $posts, int $zones, int $periods): PostPlan
    {
        $random = new Randomizer(new Mt19937($seed));
        $metres = static fn (): float => (float) $random->getInt(0, 110);
        $closed = $blocked = $walks = [];
        for ($i = 0; $i < $posts; $i++) {
            $blocked["s{$i}"]['z'.$random->getInt(0, $zones - 1)] = true;
            $walks["s{$i}"]['s'.(($i + 1) % $posts)] = $random->getInt(0, 3);
        }
        for ($t = 0; $t < $periods; $t++) {
            $closed["t{$t}"]['s'.$random->getInt(0, $posts - 1)] = true;
        }

        return new PostPlan(
            array_map(
                static fn (int $p): Shooter => new Shooter("p{$p}", (float) (100 * $random->getInt(1, 6)), [24.0, 15.6][$p % 2],
                    $random->getInt(0, 3) === 0 ? 's'.$random->getInt(0, $posts - 1) : null),
                range(0, $people - 1),
            ),
            array_map(static fn (int $i): Post => new Post("s{$i}", $metres(), $metres(), $random->getInt(1, 2)), range(0, $posts - 1)),
            array_map(static fn (int $z): Zone => new Zone("z{$z}", $metres(), $metres()), range(0, $zones - 1)),
            array_map(
                static fn (int $t): Period => new Period("t{$t}", $random->getInt(0, 2), array_combine(
                    array_map(static fn (int $z): string => "z{$z}", range(0, $zones - 1)),
                    array_map(static fn (): int => $random->getInt(0, 6), range(1, $zones)),
                )),
                range(0, $periods - 1),
            ),
            $walks,
            $blocked,
            $closed,
        );
    }

    /** @return array{int, int}|null worth and moves of the best of all ways; null where there are none */
    public static function byTryingAll(PostPlan $plan): ?array
    {
        $best = null;
        $try = static function (int $t, array $before, int $worth, int $moves) use (&$try, &$best, $plan): void {
            if ($t === count($plan->periods)) {
                $best = max($best ?? [-1, 0], [$worth, -$moves]);

                return;
            }
            foreach (self::states($plan, $t) as $state) {
                $steps = 0;
                foreach ($before as $p => $from) {
                    $walk = $plan->walkMinutes($plan->posts[$from], $plan->posts[$state[$p]]);
                    if ($walk > $plan->periods[$t - 1]->breakMinutes) {
                        continue 2;
                    }
                    $steps += $from === $state[$p] ? 0 : 1;
                }
                $try($t + 1, $state, $worth + self::worth($plan, $t, $state), $moves + $steps);
            }
        };
        $try(0, [], 0, 0);

        return $best === null ? null : [$best[0], -$best[1]];
    }

    /** @return list<list<int>> posts by photographer, as far as they can stand so */
    private static function states(PostPlan $plan, int $t): array
    {
        $states = [[]];
        foreach ($plan->shooters as $p => $shooter) {
            $more = [];
            foreach ($states as $state) {
                foreach ($plan->posts as $i => $post) {
                    $isFull = count(array_keys($state, $i, true)) >= $post->holds;
                    $isElsewhere = $t === 0 && ($shooter->startsAt ?? $post->id) !== $post->id;
                    if (! $isFull && ! $isElsewhere && ! $plan->isClosed($plan->periods[$t], $post)) {
                        $more[] = [...$state, $i];
                    }
                }
            }
            $states = $more;
        }

        return $states;
    }

    /** @param  list<int>  $state */
    private static function worth(PostPlan $plan, int $t, array $state): int
    {
        $sum = 0;
        foreach ($plan->zones as $zone) {
            foreach ($state as $p => $post) {
                if ($plan->covers($plan->shooters[$p], $plan->posts[$post], $zone)) {
                    $sum += $plan->periods[$t]->worth[$zone->id] ?? 0;
                    break;
                }
            }
        }

        return $sum;
    }

    /** The same as an integer program for glpsol: x who stands where, c what is covered, m who moves. Worth × scale − moves. */
    public static function glpsol(PostPlan $plan, int $scale): ?int
    {
        $objective = $rules = $binaries = [];
        $count = count($plan->posts);
        foreach ($plan->periods as $t => $period) {
            foreach ($plan->shooters as $p => $shooter) {
                $rules[] = implode(' + ', array_map(static fn (int $i): string => "x{$t}_{$p}_{$i}", range(0, $count - 1))).' = 1';
            }
            foreach ($plan->posts as $i => $post) {
                $x = array_map(static fn (int $p): string => "x{$t}_{$p}_{$i}", array_keys($plan->shooters));
                $binaries = [...$binaries, ...$x];
                $rules[] = implode(' + ', $x).' <= '.($plan->isClosed($period, $post) ? 0 : $post->holds);
                foreach ($plan->shooters as $p => $shooter) {
                    if ($t === 0) {
                        if (($shooter->startsAt ?? $post->id) !== $post->id) {
                            $rules[] = "x0_{$p}_{$i} = 0";
                        }

                        continue;
                    }
                    $before = $t - 1;
                    $reach = array_filter(
                        array_keys($plan->posts),
                        static fn (int $from): bool => $plan->walkMinutes($plan->posts[$from], $post) <= $plan->periods[$before]->breakMinutes,
                    );
                    $rules[] = "x{$t}_{$p}_{$i} - ".implode(' - ', array_map(static fn (int $f): string => "x{$before}_{$p}_{$f}", $reach)).' <= 0';
                    $rules[] = "x{$t}_{$p}_{$i} - x{$before}_{$p}_{$i} - m{$t}_{$p} <= 0";
                }
            }
            foreach ($t > 0 ? array_keys($plan->shooters) : [] as $p) {
                $binaries[] = "m{$t}_{$p}";
                $objective[] = "- m{$t}_{$p}";
            }
            foreach ($plan->zones as $z => $zone) {
                $by = [];
                foreach ($plan->shooters as $p => $shooter) {
                    foreach ($plan->posts as $i => $post) {
                        $by = $plan->covers($shooter, $post, $zone) ? [...$by, "x{$t}_{$p}_{$i}"] : $by;
                    }
                }
                $binaries[] = "c{$t}_{$z}";
                $objective[] = '+ '.$scale * ($period->worth[$zone->id] ?? 0)." c{$t}_{$z}";
                $rules[] = "c{$t}_{$z}".($by === [] ? '' : ' - '.implode(' - ', $by)).' <= 0';
            }
        }
        $text = "Maximize\n z: ".implode(' ', $objective)."\nSubject To\n";
        foreach ($rules as $n => $rule) {
            $text .= " r{$n}: {$rule}\n";
        }

        return Glpsol::best($text."Binary\n ".implode("\n ", $binaries)."\nEnd\n");
    }
}
