<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Stops\Engagement;
use NorthSatchel\Plan\Stops\EngagementJudge;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Nobody is at two jobs at once. */
final class EngagementsTest extends TestCase
{
    private static function job(
        string $name,
        string $from,
        string $to,
        ?int $place,
        string $date = '2027-05-14',
        string $zone = 'Europe/Stockholm',
    ): Engagement {
        $day = LocalDay::of($date, $zone);

        return new Engagement($name, $day, $day->instantOf(ClockTime::of($from)), $day->instantOf(ClockTime::of($to)), $place);
    }

    /** @return list<Verdict> */
    private static function found(Engagement $one, Engagement ...$others): array
    {
        // Ten minutes a number; from and to a place beyond 90 nobody knows the way.
        $way = static fn (int $from, int $to): ?int => max($from, $to) > 90 ? null : 10 * abs($from - $to);

        return iterator_to_array(EngagementJudge::of([$one], array_values($others), $way));
    }

    #[TestWith(['10:30', 4, null])]
    #[TestWith(['10:29', 4, '1 min'])]
    #[TestWith(['10:00', 1, null])]
    #[TestWith(['10:00', 8, '1 h 10'])]
    public function test_the_way_between_fits_or_does_not(string $starts, int $place, ?string $missing): void
    {
        $first = self::job('Mill', '08:00', '10:00', 1);
        $then = self::job('Forge', $starts, '12:00', $place);
        foreach ([self::found($first, $then), self::found($then, $first)] as $found) {
            $this->assertCount($missing === null ? 0 : 1, $found);
            if ($missing !== null) {
                $this->assertSame('days.clash', $found[0]->code);
                $this->assertSame('You cannot get from “Mill” to “Forge” in time.', $found[0]->finding);
                $this->assertStringContainsString("“Forge” starts at {$starts}: {$missing} are missing.", $found[0]->because);
            }
        }
    }

    public function test_two_at_once_and_two_across_midnight(): void
    {
        $feast = self::job('Feast', '14:00', '25:30', 1);
        $at = static fn (string $from): array => array_map(
            static fn (Verdict $v): string => $v->finding,
            self::found($feast, self::job('Rowers', $from, '12:00', 1, '2027-05-15')),
        );
        $this->assertSame(['“Rowers” starts before “Feast” is over.'], $at('01:00'));
        $this->assertSame([], $at('01:30'));
        $abroad = self::job('Office', '14:00', '15:00', 1, zone: 'Europe/Helsinki');
        $this->assertSame([], self::found($abroad, self::job('Café', '14:00', '15:00', 1)), 'an hour later there than here');
        $this->assertCount(1, self::found($abroad, self::job('Café', '13:59', '15:00', 1)));
    }

    public function test_a_job_that_was_brought_in_again_is_told_as_what_it_is(): void
    {
        $feast = self::job('Feast', '14:00', '23:00', 1);
        $codes = static fn (Engagement $other): array => array_map(static fn (Verdict $v): string => $v->code, self::found($feast, $other));
        $this->assertSame(['days.twice'], $codes(self::job('Feast', '14:00', '23:00', 2)));
        $this->assertSame(['days.clash'], $codes(self::job('Feast', '14:00', '22:00', 1)), 'other hours: another job');
        $this->assertSame(['days.clash'], $codes(self::job('Dance', '14:00', '23:00', 1)));
    }

    #[TestWith(['16:00', 1])]
    #[TestWith(['16:01', 0])]
    public function test_a_way_that_nobody_knows_is_asked_for_where_it_may_matter(string $starts, int $count): void
    {
        foreach ([91, null] as $place) {
            $found = self::found(self::job('Mill', '08:00', '10:00', 1), self::job('Forge', $starts, '18:00', $place));
            $this->assertCount($count, $found);
            $this->assertSame($count === 0 ? [] : ['days.unknown-way'], array_map(static fn (Verdict $v): string => $v->code, $found));
        }
    }
}
