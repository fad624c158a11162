<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\Viewpoint\HeadlineJudge;
use NorthSatchel\Plan\Viewpoint\SceneCount;
use NorthSatchel\Plan\Viewpoint\ShotView;
use NorthSatchel\Plan\Viewpoint\ViewpointJudge;
use NorthSatchel\Plan\Welfare;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

final class WelfareAndViewpointTest extends TestCase
{
    private static function part(int $id, string $clock, int $minutes, bool $isBreak = false, string $lane = 'lead'): Segment
    {
        $day = LocalDay::of('2026-05-09', 'Europe/Paris');

        return new Segment(
            id: $id,
            title: "Part {$id}",
            lane: $lane,
            startsAt: $day->instantOf(ClockTime::of($clock)),
            minutes: $minutes,
            priority: Priority::Should,
            setting: new Setting(placeId: null, placeName: null, isOutdoor: false),
            isAnchor: false,
            isBreak: $isBreak,
        );
    }

    /** @return list<Verdict> */
    private static function welfare(Segment ...$parts): array
    {
        return iterator_to_array(
            Welfare::of(new PlannedDay(LocalDay::of('2026-05-09', 'Europe/Paris'), array_values($parts), new Travels([]), [], null)),
            false,
        );
    }

    public function test_nine_hours_without_food_are_found(): void
    {
        $found = self::welfare(self::part(1, '10:00', 60), self::part(2, '18:00', 60));
        $this->assertSame(['plan.no-meal'], array_column($found, 'code'));
        $this->assertSame(540, $found[0]->figures['minutes']);
        $this->assertStringContainsString('10:00 and 19:00', $found[0]->because);
    }

    public function test_a_meal_is_offered_where_there_is_room_and_takes_the_finding_away(): void
    {
        $parts = [self::part(1, '10:00', 120), self::part(2, '12:40', 180), self::part(4, '16:05', 60)];
        $meal = self::welfare(...$parts)[0]->remedy;
        // Between 12:00 and 12:40, and from 15:40 to 16:05 there is too little room.
        $this->assertSame(['segment.meal', '12:15', 'lead'], [$meal?->action, $meal?->on['start_clock'], $meal?->on['lane']]);
        $this->assertSame([], self::welfare(...[...$parts, self::part(9, '12:15', 20, isBreak: true)]));
        $none = self::welfare(self::part(1, '10:00', 240), self::part(2, '14:20', 240))[0];
        $this->assertNull($none->remedy, 'twenty minutes between two are no room for a meal of twenty');
        $this->assertStringEndsWith('before the hands get slow.', self::welfare(...$parts)[0]->because);
        $late = self::welfare(self::part(1, '10:00', 370), self::part(2, '17:10', 60))[0];
        $this->assertSame('16:15', $late->remedy?->on['start_clock']);
        $this->assertStringEndsWith('The one that finds room leaves 6 h 15 before it: carry something to eat as well.', $late->because);
        $middle = self::welfare(self::part(1, '10:00', 60), self::part(2, '18:00', 60))[0]->remedy;
        $this->assertSame('14:20', $middle?->on['start_clock'], 'in a long gap in the middle of the day');
    }

    public function test_a_meal_in_the_middle_is_enough_and_one_at_the_end_is_not(): void
    {
        $this->assertSame(
            [],
            self::welfare(self::part(1, '10:00', 60), self::part(3, '14:30', 20, isBreak: true), self::part(2, '18:00', 60)),
        );
        $this->assertCount(
            1,
            self::welfare(self::part(1, '10:00', 60), self::part(2, '18:00', 60), self::part(3, '19:00', 20, isBreak: true)),
        );
        $this->assertSame([], self::welfare(self::part(1, '10:00', 360)));
    }

    public function test_each_photographer_eats_for_himself(): void
    {
        $found = self::welfare(
            self::part(1, '10:00', 60),
            self::part(2, '14:00', 20, isBreak: true),
            self::part(3, '17:00', 60),
            self::part(4, '09:00', 60, lane: 'second'),
            self::part(5, '17:00', 30, lane: 'second'),
        );
        $this->assertCount(1, $found);
        $this->assertStringContainsString('second', $found[0]->finding);
    }

    /** @return list<string> codes and findings */
    private static function views(ShotView ...$shots): array
    {
        return array_map(
            static fn (Verdict $v): string => "{$v->code}: {$v->finding}",
            iterator_to_array(ViewpointJudge::of(array_values($shots)), false),
        );
    }

    public function test_a_day_at_eye_level_is_found_from_five_lines_on(): void
    {
        $eye = static fn (): ShotView => new ShotView('Vows', null, 'eye', null);
        $low = new ShotView('Vows', null, 'low', null);
        $this->assertSame(['plan.viewpoint: Most of the shots are at eye level.'], self::views($eye(), $eye(), $eye(), $eye(), $low));
        $this->assertSame([], self::views($eye(), $eye(), $eye(), $low, $low), 'three of five are 60 %, not above');
        $this->assertSame([], self::views($eye(), $eye(), $eye(), $eye()), 'four lines say nothing');
        $this->assertSame(
            [],
            self::views($eye(), $eye(), $eye(), $eye(), new ShotView('Vows', null, null, null)),
            'an unsaid height does not count',
        );
    }

    public function test_a_scene_wants_wide_and_tight(): void
    {
        $shot = static fn (string $scene, string $distance): ShotView => new ShotView($scene, $distance, null, null);
        $this->assertSame(
            ['plan.no-wide-or-tight: Dance has no tight shot.'],
            self::views($shot('Dance', 'wide'), $shot('Dance', 'middle'), $shot('Cake', 'wide'), $shot('Cake', 'tight')),
        );
        $this->assertSame([], self::views($shot('Dance', 'wide')), 'one line is no scene yet');
    }

    public function test_pairs_and_room_for_words_are_counted(): void
    {
        $shot = static fn (?string $distance, ?int $empty = null): ShotView => new ShotView('Dance', $distance, null, null, $empty);
        $words = static fn (ShotView ...$shots): string => SceneCount::of(array_values($shots))->words();
        $this->assertSame('', $words());
        $this->assertSame('', $words($shot(null), $shot('middle', 24)), 'a quarter is the least');
        $this->assertSame('1 with room for words, 25 % of the frame', $words($shot('middle', 25)));
        $this->assertSame(
            '2 pairs of wide and tight, 1 tight without a wide one, 2 with room for words, up to 50 % of the frame',
            $words($shot('wide', 50), $shot('wide', 33), $shot('tight'), $shot('tight'), $shot('tight')),
        );
        $this->assertSame('1 pair of wide and tight', $words($shot('wide'), $shot('tight')));
        $this->assertSame('1 wide without a tight one', $words($shot('wide')));
    }

    public function test_words_over_a_picture_want_room(): void
    {
        $full = new ShotView('Dance', 'wide', null, null, 24);
        $said = static fn (string $brief, ShotView ...$shots): ?Verdict => HeadlineJudge::of($brief, array_values($shots));
        $this->assertSame('plan.no-headline-room', $said('For the club’s Magazine', $full, $full)?->code);
        $because = (string) $said('For the club’s Magazine', $full, $full)?->because;
        $this->assertStringContainsString('“magazine”, and of 2 shots none leaves 25 %', $because);
        $this->assertStringContainsString('the one shot leaves 25 %', (string) $said('a cover picture', $full)?->because);
        $this->assertSame(24, $said('two posters', $full)?->figures['most_percent']);
        $this->assertNull($said('For the club’s magazine', $full, new ShotView('Dance', null, null, null, 25)));
        $this->assertNull($said('For the club’s magazine'), 'of no shots nothing is said');
        $this->assertNull($said('cover the whole evening', $full));
    }

    public function test_the_viewpoints_of_the_last_job_are_recognised(): void
    {
        $view = static fn (string $distance, string $height = 'eye', string $side = 'front'): ShotView => new ShotView(
            'S',
            $distance,
            $height,
            $side,
        );
        $last = [$view('wide'), $view('tight'), new ShotView('S', 'middle', null, null)];
        $same = [$view('wide'), $view('wide'), $view('tight'), $view('tight'), $view('middle', 'low')];
        $this->assertSame(0.8, ViewpointJudge::repeated($same, $last, 'June')?->figures['share']);
        $this->assertStringContainsString('4 of 5 lines, 80 %', (string) ViewpointJudge::repeated($same, $last, 'June')?->because);
        $this->assertNull(ViewpointJudge::repeated(array_slice($same, 0, 4), $last, 'June'), 'four lines are too few');
        $this->assertNull(
            ViewpointJudge::repeated(
                [$view('wide'), $view('wide'), $view('tight'), $view('wide', 'low'), $view('wide', 'high')],
                $last,
                'June',
            ),
            'three of five are 60 %',
        );
    }
}
