<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\DayRuler;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

final class DayRulerTest extends TestCase
{
    private LocalDay $day;

    private DayRuler $ruler;

    protected function setUp(): void
    {
        $this->day = LocalDay::of('2026-06-06', 'Europe/Stockholm');
        $place = GeoPoint::of(57.0, 14.0);
        $segments = [
            $this->segment(1, '10:00', 60, 'lead', 1),
            $this->segment(2, '12:00', 30, 'lead', 2),
            $this->segment(3, '12:30', 60, 'lead', 2),
            $this->segment(4, '11:00', 45, 'second', 1),
        ];
        $planned = new PlannedDay($this->day, $segments, new Travels([1 => [2 => 20]]), [], SunDay::of($place, $this->day));
        $this->ruler = DayRuler::of($planned, $place, $this->at('09:00'), $this->at('23:30'));
    }

    private function at(string $clock): int
    {
        return $this->day->instantOf(ClockTime::of($clock));
    }

    private function segment(int $id, string $clock, int $minutes, string $lane, int $place): Segment
    {
        return new Segment(
            id: $id,
            title: "The part {$id}",
            lane: $lane,
            startsAt: $this->at($clock),
            minutes: $minutes,
            priority: Priority::Should,
            setting: new Setting(placeId: $place, placeName: "Place {$place}", isOutdoor: false),
            isAnchor: $id === 3,
        );
    }

    public function test_time_runs_evenly_from_edge_to_edge(): void
    {
        $this->assertSame(0.0, $this->ruler->x($this->ruler->from));
        $this->assertSame(DayRuler::WIDTH, $this->ruler->x($this->ruler->to));
        $hour = $this->ruler->x($this->at('15:00')) - $this->ruler->x($this->at('14:00'));
        $this->assertEqualsWithDelta($hour, $this->ruler->x($this->at('21:00')) - $this->ruler->x($this->at('20:00')), 0.02);
        $this->assertLessThan($this->at('09:00'), $this->ruler->from);
        $this->assertGreaterThan($this->at('23:30'), $this->ruler->to);
    }

    public function test_the_sky_fills_the_width_without_gaps_and_darkens_after_sunset(): void
    {
        $x = 0.0;
        foreach ($this->ruler->sky() as $band) {
            $this->assertEqualsWithDelta($x, $band->x, 0.3);
            $x = $band->x + $band->width;
        }
        $this->assertEqualsWithDelta(DayRuler::WIDTH, $x, 0.3);
        $skies = array_column($this->ruler->sky(), 'sky');
        $this->assertSame('day', $skies[0]);
        $this->assertSame(['day', 'golden', 'civil', 'nautical'], array_slice($skies, 0, 4));
    }

    public function test_sunset_is_marked_where_the_sun_sets(): void
    {
        $marks = array_column($this->ruler->marks(), null, 'label');
        $sunset = SunDay::of(GeoPoint::of(57.0, 14.0), $this->day)->sunset();
        $this->assertSame($this->day->face((int) $sunset), $marks['sunset']->time);
        $this->assertSame($this->ruler->x((int) $sunset), $marks['sunset']->x);
        $this->assertArrayNotHasKey('sunrise', $marks, 'it lies before the drawing starts');
        $this->assertLessThan($marks['sunset']->x, $marks['golden']->x);
    }

    public function test_slips_lie_in_their_lanes_lead_first(): void
    {
        $slips = $this->ruler->slips();
        $this->assertSame(['lead', 'second'], array_keys($slips));
        $this->assertSame([1, 2, 3], array_column($slips['lead'], 'id'));
        $this->assertSame($this->ruler->x($this->at('11:00')), $slips['second'][0]->x);
        $this->assertGreaterThan($slips['lead'][1]->width, $slips['lead'][0]->width);
        $this->assertTrue($slips['lead'][2]->isAnchor);
    }

    public function test_titles_fit_across_or_stand_upright_and_clashing_slips_share_the_height(): void
    {
        $place = GeoPoint::of(57.0, 14.0);
        $segments = [
            new Segment(
                id: 1,
                title: 'Speeches and toasts',
                lane: 'lead',
                startsAt: $this->at('10:00'),
                minutes: 90,
                priority: Priority::Should,
                setting: new Setting(placeId: null, placeName: null, isOutdoor: false),
                isAnchor: false,
            ),
            new Segment(
                id: 2,
                title: 'Grandparents by the lake',
                lane: 'lead',
                startsAt: $this->at('12:10'),
                minutes: 20,
                priority: Priority::Should,
                setting: new Setting(placeId: null, placeName: null, isOutdoor: false),
                isAnchor: false,
            ),
            new Segment(
                id: 3,
                title: 'Table details',
                lane: 'lead',
                startsAt: $this->at('12:20'),
                minutes: 45,
                priority: Priority::Should,
                setting: new Setting(placeId: null, placeName: null, isOutdoor: false),
                isAnchor: false,
            ),
            new Segment(
                id: 4,
                title: 'Dance',
                lane: 'lead',
                startsAt: $this->at('21:00'),
                minutes: 90,
                priority: Priority::Should,
                setting: new Setting(placeId: null, placeName: null, isOutdoor: false),
                isAnchor: false,
            ),
        ];
        $ruler = DayRuler::of(
            new PlannedDay($this->day, $segments, new Travels([]), [], null),
            $place,
            $this->at('10:00'),
            $this->at('23:00'),
        );
        $slips = array_column($ruler->slips()['lead'], null, 'id');
        $this->assertSame([['Speeches and', 'toasts'], false], [$slips[1]->text?->lines, $slips[1]->isUpright]);
        $this->assertTrue($slips[2]->isUpright);
        foreach ($slips as $slip) {
            $text = $slip->text ?? $this->fail("{$slip->title} has no words.");
            $whole = $slip->isUpright ? "{$slip->time} {$slip->title}" : $slip->title;
            $this->assertSame($whole, implode(' ', $text->lines), 'never cut off');
            $this->assertTrue($slip->isUpright || $slip->width >= 42, 'nor is the time above it');
            foreach ($text->lines as $line) {
                $across = 0.43 * $text->size * mb_strlen($line);
                $this->assertLessThanOrEqual($slip->isUpright ? $slip->height : $slip->width, $across + 9);
            }
            $this->assertLessThanOrEqual($slip->isUpright ? $slip->width : $slip->height - 23, $text->height());
        }
        $this->assertSame($ruler->slipHeight(), (int) $slips[1]->height);
        $this->assertLessThan($ruler->slipHeight() / 2, $slips[2]->height);
        $this->assertLessThanOrEqual($slips[3]->y, $slips[2]->y + $slips[2]->height, 'one above the other');
        $this->assertSame(0.0, $slips[4]->y, 'what clashes with nothing has the whole height');
    }

    public function test_the_cord_takes_the_way_and_the_spring_the_rest(): void
    {
        [$first, $second] = $this->ruler->links()['lead'];
        $this->assertSame(40, $first->slack, 'an hour between, twenty minutes of way');
        $this->assertStringEndsWith('after 20 min of way', $first->label);
        $this->assertEqualsWithDelta($this->ruler->x($this->at('11:20')) - $this->ruler->x($this->at('11:00')), $first->cord, 0.05);
        $this->assertStringStartsWith('M', $first->spring);
        $this->assertSame(0, $second->slack);
        $this->assertSame('', $second->spring, 'a spring with nothing left is solid');
    }

    public function test_of_a_way_that_nobody_knows_no_spring_is_drawn(): void
    {
        $segments = [$this->segment(1, '10:00', 60, 'lead', 1), $this->segment(2, '12:00', 30, 'lead', 3)];
        $links = static fn (PlannedDay $day): array => DayRuler::of(
            $day,
            null,
            $day->segments[0]->startsAt,
            $day->segments[1]->endsAt(),
        )->links()['lead'];
        [$link] = $links(new PlannedDay($this->day, $segments, new Travels([]), [], null));
        $this->assertSame([false, '', 'The part 1 to The part 2: nobody knows the way'], [$link->isKnown, $link->spring, $link->label]);
        $map = [1 => GeoPoint::of(57.0, 14.0), 3 => GeoPoint::of(57.2, 14.0)];
        [$link] = $links(new PlannedDay($this->day, $segments, new Travels([]), $map, null));
        $this->assertTrue($link->isKnown, 'the map makes it likely');
        $this->assertStringEndsWith('of way', $link->label);
        $this->assertNotSame('', $link->spring);
    }

    public function test_two_marks_of_the_sun_keep_their_words_apart(): void
    {
        $labels = array_column($this->ruler->marks(), 'labelX');
        $this->assertGreaterThan(1, count($labels));
        for ($i = 1; $i < count($labels); $i++) {
            $this->assertGreaterThanOrEqual(92.0, round($labels[$i] - $labels[$i - 1], 6));
        }
    }

    public function test_an_hour_mark_stands_at_each_full_hour(): void
    {
        $hours = $this->ruler->hours();
        $this->assertContains('12', array_column($hours, 'label'));
        $this->assertSame($this->ruler->x($this->at('12:00')), array_column($hours, 'x', 'label')['12']);
    }
}
