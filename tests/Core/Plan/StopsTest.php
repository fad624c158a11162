<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Stops\FullDay;
use NorthSatchel\Plan\Stops\Restack;
use NorthSatchel\Plan\Stops\Round;
use NorthSatchel\Plan\Stops\Stop;
use NorthSatchel\Plan\Stops\StopOrder;
use NorthSatchel\Plan\Stops\StopRow;
use NorthSatchel\Plan\Stops\StopsDrawing;
use NorthSatchel\Plan\Stops\StopsJudge;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Orders of stops against every permutation there is. */
final class StopsTest extends TestCase
{
    private static function way(): \Closure
    {
        return static fn (int $from, int $to): int => abs($from - $to);
    }

    /**
     * @param  list<Stop>  $stops
     * @return array{int, int}|null slack and end of the order; null when an appointment is missed
     */
    private static function walk(array $stops, int $now, ?int $home, \Closure $way): ?array
    {
        $run = static function (int $late) use ($stops, $now, $home, $way): ?int {
            $at = $now + $late;
            $place = $home;
            foreach ($stops as $stop) {
                $at += $place === null ? 0 : $way($place, $stop->place);
                $at = max($at, $stop->opens ?? 0);
                if ($at > ($stop->closes ?? PHP_INT_MAX)) {
                    return null;
                }
                $at += $stop->minutes;
                $place = $stop->place;
            }

            return $at;
        };
        $end = $run(0);
        if ($end === null) {
            return null;
        }
        $slack = 0;
        while ($slack < 2000 && $run($slack + 1) !== null) {
            $slack++;
        }

        return [$slack, $end];
    }

    /**
     * @param  list<Stop>  $stops
     * @return \Generator<list<Stop>>
     */
    private static function orders(array $stops): \Generator
    {
        if ($stops === []) {
            yield [];
        }
        foreach ($stops as $i => $first) {
            $rest = $stops;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /** @return list<Stop> */
    private static function random(Randomizer $random, int $count): array
    {
        $stops = [];
        for ($i = 1; $i <= $count; $i++) {
            $opens = $random->getInt(0, 2) === 0 ? null : $random->getInt(480, 720);
            $closes = $random->getInt(0, 2) === 0 ? null : ($opens ?? 500) + $random->getInt(0, 300);
            $stops[] = new Stop($i, $random->getInt(10, 60), $random->getInt(0, 40), $opens, $closes);
        }

        return $stops;
    }

    public function test_the_order_is_the_best_of_all_orders(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $feasible = 0;
        for ($run = 0; $run < 120; $run++) {
            $stops = self::random($random, $random->getInt(1, 6));
            $home = $run % 3 === 0 ? null : 5;
            $best = null;
            foreach (self::orders($stops) as $order) {
                $walked = self::walk($order, 480, $home, self::way());
                $best = $walked !== null && ($best === null || [$walked[0], -$walked[1]] > [$best[0], -$best[1]]) ? $walked : $best;
            }
            $found = StopOrder::best(480, $home, $stops, self::way());
            $this->assertSame($best, $found === null ? null : [$found->slackMinutes ?? 2000, $found->endsAt], "run {$run}");
            $feasible += $found === null ? 0 : 1;
            if ($found !== null) {
                $byId = array_column(array_map(static fn (Stop $s): array => [$s->id, $s], $stops), 1, 0);
                $order = array_map(static fn (int $id): Stop => $byId[$id], $found->order);
                $this->assertSame(
                    [$found->slackMinutes ?? 2000, $found->endsAt],
                    self::walk($order, 480, $home, self::way()),
                    'what it says of its order is true',
                );
            }
        }
        $this->assertGreaterThan(40, $feasible);
        $this->assertLessThan(119, $feasible, 'some have no order');
    }

    public function test_nine_stops_are_exact_and_more_than_twelve_refused(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $stops = [];
        for ($i = 1; $i <= 9; $i++) {
            $stops[] = new Stop($i, 20, $random->getInt(0, 60), 480, 480 + 90 * $i);
        }
        $found = StopOrder::best(480, 0, $stops, self::way());
        $this->assertInstanceOf(Round::class, $found);
        $this->assertCount(9, $found->order);
        $this->assertEquals(new Round([], [], null, 480), StopOrder::best(480, 0, [], self::way()));
        $this->expectException(ImpossibleValue::class);
        StopOrder::best(0, null, array_map(static fn (int $i): Stop => new Stop($i, 5, 1), range(1, 13)), self::way());
    }

    public function test_an_appointment_that_ends_before_it_begins_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        new Stop(1, 10, 1, 600, 500);
    }

    public function test_jobs_rained_off_go_where_they_fit_best(): void
    {
        $random = new Randomizer(new Mt19937(29));
        $left = 0;
        for ($run = 0; $run < 40; $run++) {
            $jobs = self::random($random, 4);
            $days = [];
            foreach (['mon', 'tue', 'wed'] as $i => $date) {
                $days[$date] = new FullDay(now: 480, stops: $i === 1 ? [] : [new Stop(90 + $i, 120, 10, 540, 600)]);
            }
            // Every way to give each job one of the days, or none.
            $best = null;
            for ($code = 0; $code < 4 ** 4; $code++) {
                $on = array_map(static fn (int $i): int => intdiv($code, 4 ** $i) % 4, range(0, 3));
                $slack = PHP_INT_MAX;
                foreach (array_keys($days) as $d => $date) {
                    $set = array_values(array_filter($jobs, static fn (int $i): bool => $on[$i] === $d, ARRAY_FILTER_USE_KEY));
                    $round =
                        $set === []
                            ? new Round([], [], null, 0)
                            : StopOrder::best(480, 0, [...$days[$date]->stops, ...$set], self::way());
                    $slack = $round === null ? null : min($slack, $round->slackMinutes ?? PHP_INT_MAX);
                    if ($slack === null) {
                        continue 2;
                    }
                }
                $placed = count(array_filter($on, static fn (int $d): bool => $d < 3));
                $best = $best === null || [$placed, $slack] > $best ? [$placed, $slack] : $best;
            }
            $found = Restack::best($jobs, $days, 0, self::way());
            $this->assertSame($best[0], count($found->days), "run {$run}");
            $slacks = array_map(static fn (Round $r): int => $r->slackMinutes ?? PHP_INT_MAX, $found->rounds);
            $this->assertSame($best[1], $slacks === [] ? PHP_INT_MAX : min($slacks), "run {$run}");
            $this->assertCount(4, [...array_keys($found->days), ...$found->left]);
            $left += count($found->left);
        }
        $this->assertGreaterThan(0, $left, 'some fit nowhere');
    }

    public function test_the_drawing_and_the_findings_say_the_same(): void
    {
        $day = LocalDay::of('2027-05-12', 'Europe/Stockholm');
        $stops = [new Stop(1, 60, 0, 540, 720), new Stop(2, 60, 30, 540, 600)];
        $names = [1 => 'Mill', 2 => 'Barn'];
        $planned = [1 => 540, 2 => 610];
        $best = StopOrder::best(480, null, $stops, self::way());
        $this->assertSame([2, 1], $best?->order);
        $rows = (new StopsDrawing($day, $stops, $names, $planned, $best))->rows();
        $this->assertSame(['Mill', 'Barn'], array_column($rows, 'name'));
        $this->assertSame([2, 1], array_map(static fn (StopRow $r): ?int => $r->best->place ?? null, $rows));
        $this->assertSame(['10:30', '09:00'], array_map(static fn (StopRow $r): ?string => $r->best->time ?? null, $rows));
        $this->assertLessThan($rows[1]->planned->x, $rows[0]->planned->x);
        $this->assertGreaterThan($rows[1]->window->width ?? 0, $rows[0]->window->width ?? 0);
        $found = StopsJudge::of($day, $stops, $names, $planned, $best, 480, self::way());
        $codes = array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($found));
        $this->assertSame(['days.clash', 'days.appointment', 'days.order'], $codes);
        $this->assertStringContainsString('Barn at 09:00, then Mill at 10:30', iterator_to_array($found)[2]->because);
        $kept = StopsJudge::of($day, $stops, $names, $best->starts, $best, 480, self::way());
        $this->assertSame('fine', $kept->worst()?->severity->value);
        $tight = [new Stop(1, 60, 0, 540, 550), new Stop(2, 60, 30, 540, 550)];
        $this->assertStringContainsString(
            'without Mill, or without Barn',
            implode(
                ' ',
                array_map(
                    static fn (Verdict $v): string => $v->because,
                    iterator_to_array(StopsJudge::of($day, $tight, $names, [1 => 540, 2 => 640], null, 480, self::way())),
                ),
            ),
        );
    }
}
