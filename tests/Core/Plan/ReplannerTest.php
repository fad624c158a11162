<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Replan\Choice;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\Replan\Replan;
use NorthSatchel\Plan\Replan\Replanner;
use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Timeline\Way;
use NorthSatchel\Plan\Timeline\Ways;
use PHPUnit\Framework\TestCase;

final class ReplannerTest extends TestCase
{
    /** @param  list<Rest>  $segments */
    private static function plan(array $segments, int $now = 600, array $pockets = [], array $travel = [], ?string $place = null): Replan
    {
        return (new Replanner($now, $place, $segments, $pockets, new Ways($travel)))->best();
    }

    /** @return list<string> how each segment fares */
    private static function hows(Replan $plan): array
    {
        return array_map(static fn (Choice $c): string => $c->how->value, $plan->choices);
    }

    public function test_with_time_enough_everything_is_done_in_full(): void
    {
        $plan = self::plan([new Rest('a', 20, 5, 10, 3), new Rest('b', 30, 9)]);
        $this->assertSame(['full', 'full'], self::hows($plan));
        $this->assertSame(14, $plan->value);
        $this->assertSame([600, 620, 650], [$plan->choices[0]->start, $plan->choices[1]->start, $plan->choices[1]->end]);
    }

    public function test_late_before_an_anchor_it_shortens_moves_and_drops_what_costs_least(): void
    {
        $segments = [
            new Rest('portraits', 30, 50, 15, 40),
            new Rest('groups', 25, 60, mayMoveTo: ['reception']),
            new Rest('details', 10, 5),
            new Rest('speeches', 40, 100, isMust: true, fixedStart: 630),
        ];
        $plan = self::plan($segments, now: 605, pockets: ['reception' => 30]);
        $this->assertSame(['short', 'moved', 'full', 'full'], self::hows($plan));
        $this->assertSame(40 + 60 + 5 + 100, $plan->value);
        $this->assertSame('reception', $plan->choices[1]->pocket);
        $this->assertSame(630, $plan->choices[3]->start);
    }

    public function test_dropping_a_place_frees_its_drive(): void
    {
        $travel = [
            new Way('church', 'lake', 20),
            new Way('lake', 'hall', 20),
            new Way('church', 'hall', 5),
        ];
        $segments = [
            new Rest('lake', 15, 30, place: 'lake'),
            new Rest('room', 10, 25, place: 'hall'),
            new Rest('dinner', 60, 100, isMust: true, fixedStart: 640, place: 'hall'),
        ];
        $this->assertSame(['skipped', 'full', 'full'], self::hows(self::plan($segments, 610, travel: $travel, place: 'church')));
        $this->assertSame(['full', 'skipped', 'full'], self::hows(self::plan($segments, 580, travel: $travel, place: 'church')));
    }

    public function test_a_must_may_be_moved_but_never_skipped(): void
    {
        $segments = [
            new Rest('owed group', 15, 0, isMust: true, mayMoveTo: ['walk']),
            new Rest('entrance', 10, 90, isMust: true, fixedStart: 605),
        ];
        $plan = self::plan($segments, pockets: ['walk' => 15]);
        $this->assertSame(['moved', 'full'], self::hows($plan));
        $this->assertFalse(self::plan($segments, pockets: ['walk' => 14])->isFeasible);
    }

    public function test_equal_values_are_broken_by_fewest_skipped_then_moved_then_the_earliest_end(): void
    {
        $this->assertSame(['full'], self::hows(self::plan([new Rest('worth nothing', 20, 0)])), 'doing it skips nothing');
        $this->assertSame(
            ['full', 'full'],
            self::hows(self::plan([new Rest('a', 10, 5, mayMoveTo: ['p']), new Rest('b', 10, 5)], pockets: ['p' => 20])),
        );
        $this->assertSame(['short'], self::hows(self::plan([new Rest('a', 20, 7, 5, 7)])), 'the shorter way is over sooner');
    }

    public function test_when_it_is_too_late_the_missing_minutes_are_named(): void
    {
        $must = new Rest('vows', 30, 100, isMust: true, fixedStart: 600);
        $plan = self::plan([$must], now: 617);
        $this->assertFalse($plan->isFeasible);
        $this->assertSame([[], null, 17], [$plan->choices, $plan->value, $plan->shortByMinutes]);
        $this->assertSame(16, self::plan([new Rest('drive', 10, 0, isMust: true), $must], now: 606)->shortByMinutes);
        $never = new Rest('impossible', 50, 1, isMust: true, earliest: 700, latestEnd: 720);
        $this->assertNull(self::plan([$never])->shortByMinutes);
        $this->assertNull(self::plan([$must], now: 600 + 721)->shortByMinutes);
        $this->assertSame(720, self::plan([$must], now: 600 + 720)->shortByMinutes);
    }

    public function test_a_way_that_could_be_needed_and_is_not_listed_is_refused_by_name(): void
    {
        $segments = [new Rest('a', 5, 1, place: 'x'), new Rest('b', 5, 1, place: 'y'), new Rest('c', 5, 1, place: 'z')];
        $travel = [new Way('x', 'y', 1), new Way('y', 'z', 1)];
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage('from x to z');
        self::plan($segments, travel: $travel);
    }

    public function test_a_way_past_a_must_that_stays_is_not_needed(): void
    {
        $segments = [new Rest('a', 5, 1, place: 'x'), new Rest('b', 5, 1, isMust: true, place: 'y'), new Rest('c', 5, 1, place: 'z')];
        $travel = [new Way('x', 'y', 1), new Way('y', 'z', 1)];
        $this->assertSame(3, self::plan($segments, travel: $travel)->value);
    }

    /** Every combination is tried on small rests of a day. */
    public function test_no_combination_beats_it(): void
    {
        $feasible = 0;
        for ($seed = 1; $seed <= 120; $seed++) {
            $instance = ReplanInstances::of($seed, 6);
            $plan = (new Replanner(
                $instance['now'],
                'church',
                $instance['segments'],
                ReplanInstances::POCKETS,
                ReplanInstances::ways($instance),
            ))->best();
            $best = $this->bestOfAll($instance, $instance['now']);
            $this->assertSame($best === null, ! $plan->isFeasible, "seed {$seed}");
            $this->assertTrue($plan->isOptimal);
            if ($best !== null) {
                $feasible++;
                $this->assertSame($best, $this->merits($instance, $plan), "seed {$seed}");
            } else {
                $shortBy = null;
                for ($minutes = 1; $minutes <= 60 && $shortBy === null; $minutes++) {
                    $shortBy = $this->bestOfAll($instance, $instance['now'] - $minutes) === null ? null : $minutes;
                }
                $this->assertSame($shortBy, $plan->shortByMinutes, "seed {$seed}");
            }
        }
        $this->assertGreaterThan(40, $feasible);
        $this->assertLessThan(115, $feasible);
    }

    /** @return array{int, int, int, int} value, minus skipped, minus moved, minus the end of the last one done */
    private function merits(array $instance, Replan $plan): array
    {
        $end = $instance['now'];
        $counts = ['full' => 0, 'short' => 0, 'moved' => 0, 'skipped' => 0];
        foreach ($plan->choices as $choice) {
            $counts[$choice->how->value]++;
            $end = $choice->end ?? $end;
        }

        return [(int) $plan->value, -$counts['skipped'], -$counts['moved'], -$end];
    }

    /** @return array{int, int, int, int}|null */
    private function bestOfAll(array $instance, int $now): ?array
    {
        $ways = ReplanInstances::ways($instance);
        $best = null;
        $try = function (int $i, int $at, string $place, array $left, array $merits) use (&$try, &$best, $instance, $ways): void {
            if (! isset($instance['segments'][$i])) {
                $merits[3] = -$at;
                $best = $best === null || $merits > $best ? $merits : $best;

                return;
            }
            /** @var Rest $s */
            $s = $instance['segments'][$i];
            foreach ([[How::Full, $s->minutes, $s->value], [How::Short, $s->shortMinutes, $s->shortValue]] as [$how, $minutes, $value]) {
                if ($minutes === null || ($how === How::Short && $s->fixedStart !== null)) {
                    continue;
                }
                $start = max($at + (int) $ways->between($place, $s->place), $s->earliest ?? 0);
                if ($s->fixedStart !== null) {
                    if ($start > $s->fixedStart) {
                        continue;
                    }
                    $start = $s->fixedStart;
                }
                if ($s->latestEnd === null || $start + $minutes <= $s->latestEnd) {
                    $try($i + 1, $start + $minutes, (string) $s->place, $left, [$merits[0] + $value, $merits[1], $merits[2], 0]);
                }
            }
            if ($s->fixedStart === null) {
                foreach ($s->mayMoveTo as $pocket) {
                    $needs = $s->shortMinutes ?? $s->minutes;
                    if ($left[$pocket] >= $needs) {
                        $try(
                            $i + 1,
                            $at,
                            $place,
                            [...$left, $pocket => $left[$pocket] - $needs],
                            [$merits[0] + ($s->shortValue ?? $s->value), $merits[1], $merits[2] - 1, 0],
                        );
                    }
                }
            }
            if (! $s->isMust) {
                $try($i + 1, $at, $place, $left, [$merits[0], $merits[1] - 1, $merits[2], 0]);
            }
        };
        $try(0, $now, 'church', ReplanInstances::POCKETS, [0, 0, 0, 0]);

        return $best;
    }

    /** Reference: the same problem as a mixed-integer program, solved by glpsol (GNU GLPK). */
    public function test_glpsol_finds_the_same_best(): void
    {
        $solved = 0;
        for ($seed = 500; $seed < 512; $seed++) {
            $instance = ReplanInstances::of($seed, 9);
            $plan = (new Replanner(
                $instance['now'],
                'church',
                $instance['segments'],
                ReplanInstances::POCKETS,
                ReplanInstances::ways($instance),
            ))->best();
            $objective = ReplanAsProgram::solve($instance);
            $this->assertSame($objective === null, ! $plan->isFeasible, "seed {$seed}");
            if ($objective !== null) {
                [$value, $skipped, $moved] = $this->merits($instance, $plan);
                $this->assertEqualsWithDelta($objective, $value * 10_000 + $skipped * 100 + $moved, 0.5, "seed {$seed}");
                $solved++;
            }
        }
        $this->assertGreaterThan(4, $solved);
    }

    /** The ordinary size of docs/compute.md: 60 segments, 12 of which may move, 3 pockets of 60 minutes. */
    public function test_the_ordinary_size_is_proven(): void
    {
        for ($seed = 1; $seed <= 6; $seed++) {
            $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
            $segments = [];
            for ($i = 0; $i < 60; $i++) {
                $minutes = $random->getInt(4, 24);
                $value = $random->getInt(100, 1000);
                $segments[] = new Rest(
                    "s{$i}",
                    $minutes,
                    $value,
                    (int) ($minutes * 0.6),
                    (int) ($value * 0.7),
                    $i % 15 === 9,
                    null,
                    null,
                    720 + $i * 7,
                    ReplanInstances::PLACES[intdiv($i, 7) % 3],
                    $i % 5 === 0 ? array_slice(['p', 'q', 'r'], $i % 3, 2) : [],
                );
            }
            $travel = [
                new Way('church', 'park', 10),
                new Way('park', 'hotel', 12),
                new Way('church', 'hotel', 15),
            ];
            $plan = self::plan($segments, 680, ['p' => 60, 'q' => 60, 'r' => 60], $travel, 'church');
            $this->assertTrue($plan->isFeasible);
            $this->assertTrue($plan->isOptimal, "seed {$seed}");
        }
    }
}
