<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Brief\NamedHour;
use NorthSatchel\JobKind;
use NorthSatchel\Plan\Judge\ShotHourJudge;
use NorthSatchel\Plan\Judge\WalkJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Shots\LitLine;
use NorthSatchel\Plan\Shots\SegmentShots;
use NorthSatchel\Plan\Shots\ShotPlacer;
use NorthSatchel\Plan\Shots\ShotText;
use NorthSatchel\Plan\Shots\ShotTimes;
use NorthSatchel\Plan\Shots\TimedShot;
use NorthSatchel\Plan\Travels;
use NorthSatchel\SceneKind;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Words of a shot that ask for an hour or a light, and what follows from them. */
final class ShotHourTest extends TestCase
{
    private static function segment(int $id, string $clock, bool $isOutdoor, string $lane = 'lead', int $minutes = 40): Segment
    {
        return new Segment(
            $id,
            "Part {$id}",
            $lane,
            LocalDay::of('2027-06-12', 'Europe/Vienna')->instantOf(ClockTime::of($clock)),
            $minutes,
            Priority::Should,
            new Setting(isOutdoor: $isOutdoor),
        );
    }

    /** @param  list<Segment>  $segments */
    private static function day(array $segments, ?GeoPoint $at): PlannedDay
    {
        $day = LocalDay::of('2027-06-12', 'Europe/Vienna');

        return new PlannedDay($day, $segments, new Travels([]), [], $at === null ? null : SunDay::of($at, $day));
    }

    /** At 47.2° north, 9.6° east the sun sets that day at 21:17 (by the same formulas that SunTest holds against an almanac). */
    #[TestWith(['The two at sunset', '15:45', true, false])]
    #[TestWith(['The two at sunset', '20:45', true, true])]
    #[TestWith(['Golden hour walk', '15:45', true, false])]
    #[TestWith(['Golden hour walk', '05:30', true, true])]
    #[TestWith(['Golden hour walk', '20:45', true, true])]
    #[TestWith(['First light on the wall', '20:45', true, false])]
    #[TestWith(['Blue hour on the wall', '20:00', true, false])]
    #[TestWith(['Blue hour on the wall', '21:20', true, true])]
    #[TestWith(['Night portrait under the lanterns', '15:45', true, false])]
    #[TestWith(['Night portrait under the lanterns', '22:20', true, true])]
    #[TestWith(['Lanterns on the tables', '15:45', false, true])]
    #[TestWith(['Under the stars', '15:45', false, false])]
    #[TestWith(['Grandmother by the wall', '15:45', true, true])]
    #[TestWith(['Knights of the round table', '15:45', true, true])]
    public function test_a_shot_stands_in_the_hour_that_its_words_name(string $what, string $clock, bool $isOutdoor, bool $isFine): void
    {
        $segment = self::segment(1, $clock, $isOutdoor);
        $found = ShotHourJudge::of(self::day([$segment], GeoPoint::of(47.2, 9.6)), $segment, [new LitLine(7, null, $what)]);
        $this->assertSame($isFine ? [] : ['plan.shot-hour'], array_map(static fn ($v): string => $v->code, $found));
        $this->assertNull(($found[0] ?? null)?->remedy, 'there is no other segment to put it into');
    }

    #[TestWith(['Winger cuts in at minute 10', 2])]
    #[TestWith(['The captain in the 70th minute', 4])]
    #[TestWith(["Fan with a drum 46'", 4])]
    #[TestWith(['The 200th minute', null])]
    #[TestWith(['Five minutes of calm', null])]
    #[TestWith(['The winning goal', 4])]
    #[TestWith(['A save', 2])]
    #[TestWith(['Trophy lift', 5])]
    #[TestWith(['Warm-up drill', 1])]
    #[TestWith(['Goal nets at rest, 14:40', 1])]
    public function test_a_minute_of_the_play_goes_where_it_is_played(string $what, ?int $segment): void
    {
        $segments = [
            1 => new SegmentShots('Warm-up', [], 870, 890),
            2 => new SegmentShots('First half', [], 900, 945, true),
            3 => new SegmentShots('First half from the stand', [], 900, 945, true),
            4 => new SegmentShots('Second half', [], 960, 1005, true),
            5 => new SegmentShots('Celebrations', [], 1015, 1035),
        ];
        $at = NamedHour::in($what, 840, 1080);
        $this->assertSame($segment, ShotPlacer::place($what, null, $segments, $at));
        $this->assertSame([true, false, false], array_map(
            static fn (string $t): bool => SceneKind::isPlayed($t, JobKind::Event),
            ['Second half', 'Warm-up', 'Half-time show'],
        ));
    }

    /**
     * @param  list<array{int, int|null}>  $shots  minutes, and the minute of the day that is named
     * @param  list<int|null>  $times
     */
    #[TestWith([[[5, null], [3, null]], false, [60, 65]])]
    #[TestWith([[[5, null], [3, 80], [10, null]], false, [60, 80, 65]], 'there is room before it')]
    #[TestWith([[[5, null], [3, 70], [10, null], [2, null]], false, [60, 70, 73, 83]], 'and here is none')]
    #[TestWith([[[5, null], [3, 62]], false, [65, 62]], 'it would not be over before the named one')]
    #[TestWith([[[5, null], [3, 55], [3, 90], [2, null]], false, [60, 65, 68, 71]], 'an hour outside the segment is none')]
    #[TestWith([[[5, null], [3, 80]], true, [null, 80]], 'what is played brings it when it happens')]
    public function test_a_shot_comes_when_its_words_say(array $shots, bool $isPlayed, array $times): void
    {
        $timed = array_map(static fn (array $s): TimedShot => new TimedShot($s[0] * 60, $s[1] === null ? null : $s[1] * 60), $shots);
        $this->assertSame(
            $times,
            array_map(static fn (?int $at): ?int => $at === null ? null : intdiv($at, 60), ShotTimes::of(3600, 5400, $timed, $isPlayed)),
        );
    }

    public function test_what_is_taken_on_the_way_is_over_before(): void
    {
        $this->assertSame([null, 3600], ShotTimes::of(3600, 5400, [new TimedShot(0, isOnTheWay: true), new TimedShot(300)], false));
        $this->assertSame([true, false, false], [
            WalkJudge::isOnTheWay('On the way: hand in hand', 0),
            WalkJudge::isOnTheWay('Walking', 11),
            WalkJudge::isOnTheWay('Hand in hand', 0),
        ]);
    }

    public function test_it_is_put_where_that_hour_is(): void
    {
        $noon = self::segment(1, '15:45', true);
        $others = [self::segment(2, '22:10', false), self::segment(3, '22:10', true, 'second'), self::segment(4, '22:55', true)];
        $line = [new LitLine(7, null, 'Night portrait')];
        [$found] = ShotHourJudge::of(self::day([$noon, ...$others], GeoPoint::of(47.2, 9.6)), $noon, $line);
        $this->assertSame(['shot' => 7, 'segment' => 4], $found->remedy?->on, 'outdoors, of the same photographer, in the dark');
        $this->assertSame(
            [],
            ShotHourJudge::of(self::day([$noon, ...$others], GeoPoint::of(47.2, 9.6)), $others[2], $line),
            'and there the finding is gone',
        );
        $this->assertStringContainsString(
            'never gets the dark',
            ShotHourJudge::of(self::day([$noon], GeoPoint::of(68.0, 15.0)), $noon, $line)[0]->finding,
            'north of the circle in June',
        );
    }

    #[TestWith(['Night portrait, flash behind', 'flash', 10])]
    #[TestWith(['Silhouette of the two against the window', 'against', 10])]
    #[TestWith(['The vows, no flash', null, 10])]
    #[TestWith(['Confetti throw at the door, burst 40', null, 40])]
    #[TestWith(['Confetti throw burst of 25', null, 25])]
    #[TestWith(['Parents in open shade, 4 frames', 'shade', 4])]
    public function test_light_and_bursts_are_read_from_the_words(string $line, ?string $light, int $frames): void
    {
        $shot = ShotText::read($line)[0];
        $this->assertSame([$light, $frames], [$shot->light, $shot->frames]);
        $this->assertStringNotContainsString('burst', $shot->what);
    }

    #[TestWith(['Silhouette of the two against the window', 5])]
    #[TestWith(['Ring macro', 1])]
    #[TestWith(['Both families whole', 4])]
    #[TestWith(['The two with all parents', 4])]
    #[TestWith(['Confetti throw', 3])]
    public function test_shots_go_where_a_photographer_would_put_them(string $what, int $segment): void
    {
        $this->assertSame(
            $segment,
            ShotPlacer::place($what, null, [
                1 => new SegmentShots('Details', ['Dress', 'Rings']),
                2 => new SegmentShots('Getting ready', ['Window light', 'With the mothers']),
                3 => new SegmentShots('Ceremony', ['Vows', 'Rings', 'Kiss']),
                4 => new SegmentShots('Family groups', ['Grandparents']),
                5 => new SegmentShots('Portraits of the two', ['Walking']),
            ]),
        );
    }
}
