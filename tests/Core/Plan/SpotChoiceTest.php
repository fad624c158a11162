<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Light\PlanB;
use NorthSatchel\Plan\Light\SpotChoice;
use NorthSatchel\Plan\Light\SpotTry;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** Which spot, and where to when it cannot stay. */
final class SpotChoiceTest extends TestCase
{
    private static function day(): LocalDay
    {
        return LocalDay::of('2027-06-12', 'Europe/Vienna');
    }

    private static function segment(int $setup = 0): Segment
    {
        return new Segment(
            1, 'Portraits', 'lead', self::day()->instantOf(ClockTime::of('16:00')), 40, Priority::Must,
            new Setting(1, 'Park', true), wants: new Wants(setupMinutes: $setup, spotId: 1),
        );
    }

    /** @param  list<Verdict>  $found */
    private static function try(
        int $id,
        string $name,
        array $found = [],
        bool $isIndoor = false,
        int $way = 0,
        bool $isNow = false,
        ?string $background = null,
        ?string $planB = null,
    ): SpotTry {
        $trigger = $planB === null ? null : 'the first drops';
        $spot = new Spot($id, $name, GeoPoint::of(47.2, 9.6), 0.0, $isIndoor, [], Skyline::read(''), [], $planB, $trigger);

        return new SpotTry($spot, $isNow, $found, $way, 8.0, null, $background);
    }

    /** @param  list<SpotChoice>  $choices */
    private static function names(array $choices): string
    {
        return implode(', ', array_map(static fn (SpotChoice $c): string => $c->try->spot->name, $choices));
    }

    public function test_what_brings_the_fewest_faults_comes_first(): void
    {
        $stop = Verdict::stop('plan.travel-too-long', 'No time to get there.', '');
        $fix = Verdict::fix('scout.shadow-edge', 'A shadow falls on them.', '');
        $start = Verdict::mind('scout.exposure', 'Start at f/4.', '');
        $ranked = SpotChoice::ranked(self::segment(), [
            self::try(1, 'Hill', [$stop]),
            self::try(2, 'Lawn', [$fix, $start]),
            self::try(3, 'Far wall', [$start], way: 9),
            self::try(4, 'Wall', [$start], way: 2),
            self::try(5, 'Bins', [$start], background: 'bins'),
        ]);
        $this->assertSame('Wall, Far wall, Bins, Lawn, Hill', self::names($ranked));
        $this->assertSame([], $ranked[0]->against, 'where to start says nothing against it');
        $this->assertSame(['A shadow falls on them'], $ranked[3]->against);
        $this->assertSame([true, true, true, false, false], array_map(static fn (SpotChoice $c): bool => $c->serves(), $ranked));
        $this->assertStringContainsString('8 m to step back; behind them: bins', $ranked[2]->says());
        $this->assertStringContainsString('9 min of way', $ranked[1]->says());
    }

    public function test_what_is_said_of_the_plan_wherever_it_is_speaks_against_no_spot(): void
    {
        $long = Verdict::fix('plan.shots-too-long', 'Portraits has more shots than minutes.', '');
        $dark = Verdict::fix('scout.exposure-dark', 'Portraits is two stops under.', '');
        $of = static fn (Verdict ...$found): array => SpotChoice::ranked(self::segment(), [
            self::try(1, 'Lawn', array_values($found), isNow: true),
            self::try(2, 'Barn', array_values($found), true),
        ]);
        $this->assertSame('Barn', self::names(PlanB::of(self::segment(), $of($long), self::day())->fallbacks));
        $this->assertSame([[], []], array_map(static fn (SpotChoice $c): array => $c->against, $of($long)));
        $this->assertSame('', self::names(PlanB::of(self::segment(), $of($dark), self::day())->fallbacks), 'it is dark in each');
    }

    public function test_plan_b_is_two_fallbacks_under_a_roof_and_a_time_to_decide(): void
    {
        $fix = Verdict::fix('plan.person-twice', 'She is elsewhere then.', '');
        $choices = SpotChoice::ranked(self::segment(15), [
            self::try(1, 'Lawn', isNow: true, planB: 'the Gallery, or the porch'),
            self::try(2, 'Terrace'),
            self::try(3, 'Attic', [$fix], true),
            self::try(4, 'Barn', [], true, 3),
            self::try(5, 'Gallery', [], true, 12),
            self::try(6, 'Cellar', [], true, 20),
        ]);
        $plan = PlanB::of(self::segment(15), $choices, self::day());
        $this->assertSame('Gallery, Barn', self::names($plan->fallbacks), 'what was written down first; no open terrace, no attic with a fault');
        // 16:00 less 12 min of way and 15 of setting up, for the farther of the two.
        $this->assertSame('15:33', $plan->decideBy);
        $this->assertSame('The first drops: Gallery, else Barn – decide at the first that serves, by 15:33.', $plan->says());
        $near = PlanB::of(self::segment(), array_slice(SpotChoice::ranked(self::segment(), [self::try(4, 'Barn', [], true)]), 0), self::day());
        $this->assertSame('15:55', $near->decideBy, 'even next door takes five minutes');
        $this->assertStringContainsString(
            'No spot under a roof serves Portraits',
            PlanB::of(self::segment(), SpotChoice::ranked(self::segment(), [self::try(2, 'Terrace')]), self::day())->says(),
        );
    }
}
