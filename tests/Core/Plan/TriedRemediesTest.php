<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\PlanJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\TriedRemedies;
use NorthSatchel\Plan\Welfare;
use NorthSatchel\Remedy;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\TestCase;

/** A remedy is offered only where it helps. */
final class TriedRemediesTest extends TestCase
{
    private static function segment(int $id, string $clock, int $minutes, bool $isAnchor = false, bool $isOutdoor = false): Segment
    {
        return new Segment(
            $id,
            "S{$id}",
            'lead',
            self::at($clock),
            $minutes,
            Priority::Must,
            new Setting(isOutdoor: $isOutdoor),
            isAnchor: $isAnchor,
        );
    }

    private static function at(string $clock): int
    {
        return LocalDay::of('2027-11-06', 'Europe/Stockholm')->instantOf(ClockTime::of($clock));
    }

    private static function day(Segment ...$segments): PlannedDay
    {
        $day = LocalDay::of('2027-11-06', 'Europe/Stockholm');

        return new PlannedDay($day, array_values($segments), new Travels([]), [], SunDay::of(GeoPoint::of(59.3, 18.0), $day));
    }

    private static function found(PlannedDay $day, string $code): Verdict
    {
        foreach (TriedRemedies::of($day, PlanJudge::of($day), PlanJudge::of(...)) as $verdict) {
            if ($verdict->code === $code) {
                return $verdict;
            }
        }
        self::fail("No {$code}.");
    }

    public function test_one_that_helps_is_offered_as_it_was(): void
    {
        $day = self::day(self::segment(1, '12:00', 60), self::segment(2, '12:50', 30));
        $this->assertSame('segment.later', self::found($day, 'plan.overlap')->remedy?->action);
    }

    /** Sunset on that day there is at 15:42 (the almanac of SunDay's own test). */
    public function test_one_that_makes_a_stop_is_tried_with_its_neighbours_or_not_offered(): void
    {
        $alone = self::day(self::segment(1, '15:00', 60, isOutdoor: true));
        $this->assertSame('segment.later', self::found($alone, 'plan.after-sunset')->remedy?->action);
        $chain = self::day(self::segment(1, '12:00', 60), self::segment(2, '14:30', 30), self::segment(3, '15:00', 60, isOutdoor: true));
        $pull = self::found($chain, 'plan.after-sunset')->remedy;
        $this->assertSame(['segments.move', '3,2'], [$pull?->action, $pull?->on['segments']], 'the one before it comes along, the first has room');
        $this->assertLessThan(0, $pull?->on['minutes']);
        $fixed = self::day(self::segment(2, '14:30', 30, isAnchor: true), self::segment(3, '15:00', 60, isOutdoor: true));
        $this->assertNull(self::found($fixed, 'plan.after-sunset')->remedy, 'what does not move is in the way');
    }

    public function test_a_move_is_exact_and_another_finding_of_the_kind_is_another(): void
    {
        // An hour later it ends when the next begins, to the second.
        $day = self::day(self::segment(1, '12:00', 60), self::segment(2, '12:00', 60), self::segment(3, '14:00', 30, isAnchor: true));
        $this->assertSame(['segment' => 2, 'minutes' => 60], self::found($day, 'plan.overlap')->remedy?->on);
        // The second pair that overlaps does not speak against mending the first.
        $two = self::day(
            self::segment(1, '09:00', 60), self::segment(2, '09:50', 30), self::segment(3, '13:00', 60, isAnchor: true),
            self::segment(4, '13:30', 60, isAnchor: true),
        );
        $this->assertSame(['segment' => 2, 'minutes' => 10], self::found($two, 'plan.overlap')->remedy?->on);
    }

    public function test_who_needs_more_minutes_is_not_moved_for_it(): void
    {
        $day = self::day(self::segment(1, '12:00', 60), self::segment(2, '16:00', 30));
        $longer = new Remedy('segment.shorten', 'Give it 80 min', ['segment' => 1, 'minutes' => 80]);
        $wrong = new Verdicts([Verdict::fix('x.y', 'S1 is short.', 'So.', remedy: $longer)]);
        $judge = static fn (PlannedDay $d): Verdicts => $d->segments[0]->minutes === 80 || $d->segments[0]->startsAt !== self::at('12:00')
            ? new Verdicts()
            : $wrong;
        $this->assertSame($longer, TriedRemedies::of($day, $wrong, $judge)->worst()?->remedy);
    }

    /** A must is not cut while the morning before it is free. */
    public function test_before_an_anchor_one_begins_earlier_rather_than_is_cut(): void
    {
        $anchor = self::segment(9, '14:00', 45, isAnchor: true);
        $alone = self::found(self::day(self::segment(1, '12:35', 95), $anchor), 'plan.overlap')->remedy;
        $this->assertSame(['segment.later', -10, 'Start S1 at 12:25'], [$alone?->action, $alone?->on['minutes'], $alone?->label]);
        $both = self::found(self::day(self::segment(1, '12:00', 35), self::segment(2, '12:35', 95), $anchor), 'plan.overlap')->remedy;
        $this->assertSame(['segments.move', '2,1', -10], [$both?->action, $both?->on['segments'], $both?->on['minutes']]);
        $fixed = self::day(self::segment(1, '12:00', 35, isAnchor: true), self::segment(2, '12:35', 95), $anchor);
        $this->assertSame('segment.shorten', self::found($fixed, 'plan.overlap')->remedy?->action, 'what lies before it does not move');
        // Sunrise is at 07:18: to begin before it costs, and to cut does not.
        $dark = self::day(self::segment(1, '07:20', 60, isOutdoor: true), self::segment(9, '08:10', 45, isAnchor: true));
        $this->assertSame('segment.shorten', self::found($dark, 'plan.overlap')->remedy?->action);
    }

    public function test_what_does_not_move_is_not_moved(): void
    {
        $day = self::day(self::segment(1, '12:00', 60));
        $later = new Remedy('segment.later', 'Start it later', ['segment' => 1, 'minutes' => 45]);
        $wrong = new Verdicts([Verdict::fix('x.y', 'S1 is late.', 'So.', remedy: $later)]);
        $judge = static fn (PlannedDay $d): Verdicts => $d->segments[0]->startsAt === self::at('12:00') ? $wrong : new Verdicts();
        $this->assertNotNull(TriedRemedies::of($day, $wrong, $judge)->worst()?->remedy);
        $anchor = self::day(self::segment(1, '12:00', 60, isAnchor: true));
        $this->assertNull(TriedRemedies::of($anchor, $wrong, $judge)->worst()?->remedy);
        $last = self::day(self::segment(1, '47:20', 20));
        $gone = static fn (PlannedDay $d): Verdicts => $d->segments[0]->startsAt === self::at('47:20') ? $wrong : new Verdicts();
        $this->assertNull(TriedRemedies::of($last, $wrong, $gone)->worst()?->remedy, 'no plan holds it 45 minutes later');
        $useless = static fn (PlannedDay $d): Verdicts => $wrong;
        $this->assertNull(TriedRemedies::of($day, $wrong, $useless)->worst()?->remedy, 'it does not take its finding away');
    }

    public function test_what_it_costs_elsewhere_is_said(): void
    {
        $day = self::day(self::segment(1, '12:00', 60));
        $shorter = new Remedy('segment.shorten', 'Give it 30 min', ['segment' => 1, 'minutes' => 30]);
        $wrong = Verdict::fix('x.y', 'S1 is late.', 'So.', remedy: $shorter);
        $judge = static fn (PlannedDay $d): Verdicts => new Verdicts(
            $d->segments[0]->minutes === 60 ? [$wrong] : [Verdict::fix('a.b', 'The cake is cold.', ''), ...array_map(
                static fn (string $no): Verdict => Verdict::fix('a.c', "No {$no}.", ''), ['ice', 'milk', 'tea'],
            )],
        );
        $tried = TriedRemedies::of($day, new Verdicts([$wrong]), $judge)->worst();
        $this->assertSame(['segment.shorten', 'So. It costs: the cake is cold; no ice, and 2 more.'], [$tried?->remedy?->action, $tried?->because]);
        $stops = static fn (PlannedDay $d): Verdicts => new Verdicts(
            $d->segments[0]->minutes === 60 ? [$wrong] : [Verdict::stop('a.b', 'Nobody can get in.', '')],
        );
        $this->assertNull(TriedRemedies::of($day, new Verdicts([$wrong]), $stops)->worst()?->remedy);
    }

    public function test_those_who_judge_the_rest_of_the_job_are_asked_as_well_and_only_of_what_helps(): void
    {
        $day = self::day(self::segment(1, '12:00', 60));
        $shorter = new Remedy('segment.shorten', 'Give it 30 min', ['segment' => 1, 'minutes' => 30]);
        $wrong = Verdict::fix('x.y', 'S1 is late.', 'So.', remedy: $shorter);
        $helps = static fn (PlannedDay $d): Verdicts => new Verdicts($d->segments[0]->minutes === 60 ? [$wrong] : []);
        $useless = static fn (PlannedDay $d): Verdicts => new Verdicts([$wrong]);
        $asked = 0;
        $says = static function (Verdict ...$then) use (&$asked): \Closure {
            return static function (PlannedDay $d) use (&$asked, $then): Verdicts {
                $asked += $d->segments[0]->minutes === 30 ? 1 : 0;

                return new Verdicts([Verdict::stop('a.a', 'It is so already.', ''), ...$d->segments[0]->minutes === 30 ? $then : []]);
            };
        };
        $of = new Verdicts([$wrong]);
        $tried = static fn (\Closure $judge, \Closure $elsewhere): ?Verdict => TriedRemedies::of($day, $of, $judge, $elsewhere)->worst();
        $this->assertSame('So.', $tried($helps, $says())?->because);
        $this->assertNotNull($tried($helps, $says())?->remedy, 'what is so already speaks against nothing');
        $this->assertNull($tried($helps, $says(Verdict::stop('a.b', 'Nobody can be there.', '')))?->remedy);
        $this->assertSame('So. It costs: the sun is gone.', $tried($helps, $says(Verdict::fix('a.b', 'The sun is gone.', '')))?->because);
        $before = $asked;
        $this->assertNull($tried($useless, $says())?->remedy);
        $this->assertSame($before, $asked);
    }

    public function test_a_meal_is_tried_in_its_place(): void
    {
        $day = self::day(self::segment(1, '08:00', 180), self::segment(2, '11:40', 230));
        $found = Welfare::of($day);
        $this->assertSame('A meal at 11:15', $found->worst()?->remedy?->label);
        $eats = static fn (PlannedDay $d): bool => array_filter($d->segments, static fn (Segment $s): bool => $s->isBreak) !== [];
        $with = static fn (Verdict ...$then): \Closure => static fn (PlannedDay $d): Verdicts => Welfare::of($d)
            ->with(new Verdicts($eats($d) ? $then : []));
        $tried = static fn (\Closure $judge, ?\Closure $elsewhere = null): ?Verdict => TriedRemedies::of($day, $found, $judge, $elsewhere)->worst();
        $this->assertSame($found->worst()->remedy, $tried(Welfare::of(...))?->remedy);
        $this->assertNull($tried($with(Verdict::stop('a.b', 'The gate shuts.', '')))?->remedy);
        $this->assertNull($tried(Welfare::of(...), $with(Verdict::stop('a.b', 'The gate shuts.', '')))?->remedy, 'whoever says so');
        $this->assertStringEndsWith(' It costs: the sun is gone.', (string) $tried($with(Verdict::fix('a.b', 'The sun is gone.', '')))?->because);
        $this->assertNull($tried(static fn (PlannedDay $d): Verdicts => $found)?->remedy, 'nobody has eaten for it');
        $other = LocalDay::of('2027-11-07', 'Europe/Stockholm');
        $tomorrow = new PlannedDay($other, [], new Travels([]), [], null);
        $this->assertSame($found, TriedRemedies::of($tomorrow, $found, static fn (PlannedDay $d): Verdicts => $found), 'it is of another day');
    }

    public function test_time_for_a_shot_is_offered_only_where_one_can_be_there(): void
    {
        $far = static fn (int $id, string $clock): Segment => new Segment(
            $id, "S{$id}", 'lead', self::at($clock), 60, Priority::Must, new Setting(2, 'The mill'),
        );
        $ways = static fn (int $minutes): PlannedDay => new PlannedDay(
            LocalDay::of('2027-11-06', 'Europe/Stockholm'),
            [$far(1, '10:00'), $far(2, '12:00')],
            new Travels([1 => [2 => $minutes], 2 => [1 => $minutes]]),
            [],
            null,
        );
        $time = new Remedy('shots.segment', 'Plan 20 min for it at 11:20', [
            'lane' => 'lead', 'start_clock' => '11:20', 'minutes' => 20, 'date' => '2027-11-06',
        ]);
        $found = new Verdicts([Verdict::fix('plan.must-without-time', 'The gate has no time in the day.', 'So.', remedy: $time)]);
        $at = static fn (PlannedDay $day): ?Remedy => TriedRemedies::of(
            $day, $found, PlanJudge::of(...), null, new Setting(1, 'The church'),
        )->worst()?->remedy;
        $this->assertSame($time, $at($ways(15)));
        $this->assertNull($at($ways(30)), 'it would be at the church, half an hour from where one is before and after');
    }
}
