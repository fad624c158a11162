<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Posts\Backdrop;
use NorthSatchel\Plan\Posts\CoverLanes;
use NorthSatchel\Plan\Posts\CoverMap;
use NorthSatchel\Plan\Posts\CoverPage;
use NorthSatchel\Plan\Posts\CoverZone;
use NorthSatchel\Plan\Posts\GroundCover;
use NorthSatchel\Plan\Posts\LaneBar;
use NorthSatchel\Plan\Posts\PlayedPeriod;
use NorthSatchel\Plan\Posts\PostDay;
use NorthSatchel\Plan\Posts\PostGain;
use NorthSatchel\Plan\Posts\PostJudge;
use NorthSatchel\Plan\Posts\PostStop;
use NorthSatchel\Plan\Posts\PostView;
use NorthSatchel\Plan\Posts\Shooter;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundKind;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** What a cover is judged by, on a ground by hand; common practice, no source. */
final class PostJudgeTest extends TestCase
{
    private const ZONES = "Left, 0, 0, main, 5\nRight, 100, 0, main, 5\nFaces, 50, 0, reaction, 2";

    private const POSTS = "West, 10, 0, holds 2, not Right\nEast, 90, 0, not Left\nHigh, 50, 60, stairs 4 min, until 19:00";

    /** @param  array<string, int>  $worth */
    private static function period(int $id, string $starts, int $minutes, array $worth = []): PlayedPeriod
    {
        [$hours, $past] = array_map(intval(...), explode(':', $starts));

        return new PlayedPeriod($id, "Period {$id}", 3600 * $hours + 60 * $past, $minutes, 60 * $hours + $past + $minutes, $worth);
    }

    /**
     * @param  list<PlayedPeriod>|null  $periods
     * @param  array<int, array<string, string>>  $hand
     * @param  list<Shooter>|null  $shooters
     */
    private static function cover(
        ?array $periods = null,
        array $hand = [],
        ?array $shooters = null,
        string $posts = self::POSTS,
        string $zones = self::ZONES,
    ): GroundCover {
        return new GroundCover(
            Ground::read(GroundKind::Own, 100, 60, 0, $zones, $posts, ''),
            $periods ?? [self::period(1, '18:00', 20), self::period(2, '18:25', 20)],
            $shooters ?? [new Shooter('lead', 300.0)],
            $hand,
        );
    }

    /** @return list<string> */
    private static function codes(GroundCover $cover): array
    {
        return array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array(PostJudge::of($cover, 7)));
    }

    public function test_what_is_missing_is_asked_for_and_nothing_is_fine(): void
    {
        $this->assertSame(['mind cover.no-posts'], self::codes(self::cover(posts: '')));
        $this->assertSame(['mind cover.no-posts'], self::codes(self::cover(posts: 'West, 0, 0', zones: '')));
        $this->assertSame(['mind cover.no-periods'], self::codes(self::cover([])));
        $this->assertSame(['fix cover.no-lens'], self::codes(self::cover(shooters: [])));
        $none = self::cover([self::period(1, '18:00', 20, ['Left' => 0, 'Right' => 0, 'Faces' => 0])]);
        $this->assertSame([], self::codes($none), 'where nothing is worth anything nothing is covered');
    }

    /** 40 m want 0.5 × 24 × 40 ÷ 1.8 = 267 mm: 300 reach the faces from either side; 78 m from above want 521. */
    public function test_open_sides_and_what_more_would_bring(): void
    {
        $cover = self::cover();
        $this->assertSame(['mind cover.open'], self::codes($cover));
        $verdict = iterator_to_array(PostJudge::of($cover, 7))[0];
        $this->assertStringStartsWith('2 sides stay open: ', $verdict->finding);
        $alike = array_map(
            static fn (int $n): PlayedPeriod => new PlayedPeriod($n, 'Heat', 64_800 + 3600 * $n, 20, 1100 + 60 * $n),
            [1, 2],
        );
        $this->assertSame($verdict->figures, iterator_to_array(PostJudge::of(self::cover($alike), 7))[0]->figures);
        $this->assertStringStartsWith('2 sides stay open: ', iterator_to_array(PostJudge::of(self::cover($alike), 7))[0]->finding);
        $this->assertStringStartsWith('14 of 24 are covered, and no other way', $verdict->because);
        $gains = $cover->gains($cover->best(), 35.0);
        $this->assertEquals(new PostGain('one photographer more, with 300 mm', 10), $gains[0]);
        $alone = array_values(array_filter($gains, static fn (PostGain $g): bool => str_starts_with($g->what, 'a camera alone')));
        $this->assertSame([], $alone, '35 mm reach five metres: nothing is that near a post');
        // 100 mm reach 15 m: the goal that the photographer is not at, in both periods.
        $longer = array_filter($cover->gains($cover->best(), 100.0), static fn (PostGain $g): bool => str_starts_with($g->what, 'a camera alone'));
        $this->assertSame([10], array_map(static fn (PostGain $g): int => $g->worth, array_values($longer)));
        $this->assertSame(['fine cover.whole'], self::codes(self::cover(shooters: [new Shooter('lead', 300.0), new Shooter('second', 200.0)])));
    }

    public function test_who_is_not_planned_in_a_period_covers_nothing_for_certain(): void
    {
        $two = [new Shooter('lead', 300.0), new Shooter('second', 200.0)];
        $period = static fn (int $id, string $starts, array $lanes): PlayedPeriod => new PlayedPeriod(
            $id, "Period {$id}", 3600 * (int) $starts, 20, 60 * (int) $starts + 20, [], $lanes,
        );
        $codes = static fn (array $lanes): array => self::codes(self::cover(
            [$period(1, '18', ['lead', 'second']), $period(2, '19', $lanes)],
            shooters: $two,
        ));
        $this->assertSame(['fine cover.whole'], $codes(['lead', 'second']));
        $this->assertSame(['fix cover.not-planned'], $codes(['lead']));
    }

    /** From 30 m up and 40 m away it is 50 m: 0.5 × 24 × 50 ÷ 1.8 = 333 mm, more than 300. */
    public function test_a_high_post_is_further_away(): void
    {
        $low = self::cover([self::period(1, '18:00', 20)], posts: 'Stand, 50, 40', zones: 'Faces, 50, 0, reaction');
        $high = self::cover([self::period(1, '18:00', 20)], posts: 'Stand, 50, 40, up 30 m', zones: 'Faces, 50, 0, reaction');
        $this->assertSame(['fine cover.whole'], self::codes($low));
        $this->assertSame(['fix cover.reaction', 'mind cover.open', 'mind cover.idle'], self::codes($high));
    }

    public function test_your_own_choice_is_judged_at_once(): void
    {
        $hand = [1 => ['lead' => 'High'], 2 => ['lead' => 'East']];
        $codes = self::codes(self::cover(hand: $hand));
        $this->assertSame(['stop cover.walk', 'fix cover.reaction', 'mind cover.by-hand', 'mind cover.open', 'mind cover.idle'], $codes);
        $walk = iterator_to_array(PostJudge::of(self::cover(hand: $hand), 7))[0];
        // 72 m are two minutes, and four of stairs; the break has five.
        $this->assertSame(['walk_minutes' => 6, 'break_minutes' => 5], $walk->figures);
        $this->assertNotContains('stop cover.walk', self::codes(self::cover([self::period(1, '18:00', 20), self::period(2, '18:26', 20)], $hand)));
        $late = self::cover([self::period(1, '18:50', 20)], [1 => ['lead' => 'High']]);
        $this->assertContains('stop cover.cleared', self::codes($late));
        $this->assertNotContains('stop cover.cleared', self::codes(self::cover([self::period(1, '18:40', 20)], [1 => ['lead' => 'High']])));
        $two = [new Shooter('lead', 300.0), new Shooter('second', 300.0)];
        $this->assertContains('stop cover.full', self::codes(self::cover(hand: [1 => ['lead' => 'East', 'second' => 'East']], shooters: $two)));
        $this->assertNotContains('stop cover.full', self::codes(self::cover(hand: [1 => ['lead' => 'West', 'second' => 'West']], shooters: $two)));
        $gone = self::cover(hand: [1 => ['lead' => 'A post that is gone']]);
        $this->assertNull($gone->byHand($gone->best()));
    }

    public function test_what_cannot_be_is_a_stop(): void
    {
        $two = [new Shooter('lead', 300.0), new Shooter('second', 300.0)];
        $this->assertSame(['stop cover.cannot'], self::codes(self::cover(posts: 'West, 0, 0', shooters: $two)));
        $this->assertSame(['stop cover.cannot'], self::codes(self::cover(posts: 'West, 0, 0, until 18:30')));
    }

    /** A day that is planned otherwise takes its periods along; one on which none of them moves is the same. */
    public function test_on_a_day_that_is_planned_otherwise(): void
    {
        $cover = self::cover();
        $day = LocalDay::of('2027-05-08', 'Europe/Vienna');
        $with = static fn (PlayedPeriod $p, int $later, int $minutes): PlannedDay => new PlannedDay(
            $day,
            [new Segment($p->segment, $p->title, 'lead', $p->startsAt + 60 * $later, $minutes, Priority::Must)],
            new Travels([]),
            [],
            null,
        );
        $last = $cover->periods[count($cover->periods) - 1];
        $this->assertSame($cover, $cover->on($with($last, 0, $last->minutes)));
        $moved = $cover->on($with($last, -7, $last->minutes + 3))->periods;
        $then = array_values(array_filter($moved, static fn (PlayedPeriod $p): bool => $p->segment === $last->segment))[0];
        $this->assertSame(
            [$last->startsAt - 420, $last->minutes + 3, $last->endMinutes - 4],
            [$then->startsAt, $then->minutes, $then->endMinutes],
        );
        $this->assertCount(count($cover->periods), $moved);
        $first = $cover->on($with($last, -24 * 60, $last->minutes))->periods[0];
        $this->assertSame($last->segment, $first->segment, 'in the order of time');
    }

    /** At arm's length no lens shows a bench. */
    public function test_who_stands_in_a_zone_does_not_cover_it(): void
    {
        $this->assertSame(1, self::cover(posts: 'In it, 1.9, 0', zones: "Bench, 0, 0, bench, 2\nGoal, 40, 0, main, 1")->best()->worth / 2);
        $this->assertSame(3, self::cover(posts: 'Gallery, 1, 0, up 8 m', zones: "Bench, 0, 0, bench, 2\nGoal, 40, 0, main, 1")->best()->worth / 2);
        $this->assertSame(3, self::cover(posts: 'In it, 2, 0', zones: "Bench, 0, 0, bench, 2\nGoal, 40, 0, main, 1")->best()->worth / 2);
    }

    public function test_somebody_is_on_the_reaction(): void
    {
        $this->assertContains('mind cover.no-reaction', self::codes(self::cover(zones: "Left, 0, 0\nRight, 100, 0")));
        $short = self::codes(self::cover(shooters: [new Shooter('lead', 100.0)]));
        $this->assertContains('fix cover.reaction', $short, 'the faces are 40 m away');
        $worthless = self::cover([self::period(1, '18:00', 20, ['Faces' => 0])], shooters: [new Shooter('lead', 100.0)]);
        $this->assertNotContains('fix cover.reaction', self::codes($worthless));
    }

    public function test_one_post_all_the_time_is_said_from_three_periods_on(): void
    {
        $periods = static fn (int $count): array => array_map(
            static fn (int $i): PlayedPeriod => self::period($i, sprintf('1%d:00', $i), 20), range(1, $count),
        );
        $this->assertNotContains('mind cover.same-post', self::codes(self::cover($periods(2))));
        $this->assertContains('mind cover.same-post', self::codes(self::cover($periods(3))));
        $moved = self::cover($periods(3), [1 => ['lead' => 'West'], 2 => ['lead' => 'East'], 3 => ['lead' => 'East']]);
        $this->assertNotContains('mind cover.same-post', self::codes($moved));
    }

    public function test_the_drawing_of_a_period(): void
    {
        $cover = self::cover();
        $page = new CoverPage($cover->best(), null, []);
        [$map] = $page->maps($cover);
        $this->assertInstanceOf(CoverMap::class, $map);
        $this->assertCount(2, $map->rays());
        $this->assertSame(['lead'], array_map(static fn ($p): string => $p->name, $map->people()));
        $this->assertCount(2, $map->freePosts());
        $this->assertSame([true, false, true], array_map(static fn (CoverZone $z): bool => $z->isCovered, $map->zones()));
        $this->assertSame($map->people()[0]->x, $map->rays()[0]->x1);
        $this->assertSame([['lead'], null], [array_map(static fn ($n): string => $n->label, $map->names()), $map->sun]);
        $this->assertNotNull($page->maps($cover, [1 => new SunPosition(20.0, 120.0)])[0]->sun);
        $this->assertNull($page->maps($cover, [2 => new SunPosition(20.0, 120.0)])[0]->sun, 'it is that of another period');
        // Two at one post have their names apart.
        $two = self::cover(shooters: [new Shooter('lead', 300.0), new Shooter('second', 300.0)], hand: [1 => ['lead' => 'West', 'second' => 'West']]);
        $names = (new CoverPage($two->best(), $two->byHand($two->best()), []))->maps($two)[0]->names();
        $this->assertGreaterThanOrEqual(CoverMap::NAME_PX, abs($names[0]->y - $names[1]->y) + abs($names[0]->x - $names[1]->x));
    }

    public function test_the_day_of_each_says_what_a_post_is_for_and_how_varied_it_is(): void
    {
        $shooters = [new Shooter('lead', 300.0), new Shooter('second', 130.0)];
        $cover = self::cover(shooters: $shooters, hand: [1 => ['lead' => 'West', 'second' => 'West'], 2 => ['lead' => 'East', 'second' => 'High']]);
        $hand = $cover->byHand($cover->best());
        $this->assertNotNull($hand);
        [$lead, $second] = (new CoverPage($cover->best(), $hand, []))->days($cover);
        // The second reaches Left from 10 m with 67 mm, as the lead does; 40 m to the faces want 267 mm.
        $this->assertSame(
            ['West: for Left, Faces', 'East: for Right, Faces'],
            array_map(static fn (PostStop $s): string => $s->says(), $lead->stops),
        );
        $this->assertSame(
            ['West: a second view of Left', 'High: nothing of worth within the lens'],
            array_map(static fn (PostStop $s): string => $s->says(), $second->stops),
        );
        // 80 m at 70 m a minute; the break has five.
        $how = static fn (PostDay $day): array => array_map(static fn (PostStop $s): string => $s->how(), $day->stops);
        $this->assertSame(['10 to 40 m', '10 to 40 m, a walk of 2 of the 5 min before'], $how($lead));
        $this->assertSame('2 posts, 1 side, 1 height, from 10 to 40 m.', $lead->variety());
        $this->assertSame(['10 m', 'a walk of 6 of the 5 min before'], $how($second));
        $this->assertContains('mind cover.idle', self::codes($cover));
        $lanes = new CoverLanes([$lead, $second]);
        $bars = $lanes->bars();
        $this->assertSame([['West'], ['East'], ['West'], ['High']], array_map(static fn (LaneBar $b): array => $b->lines, $bars));
        $this->assertSame([false, false, false, true], array_map(static fn (LaneBar $b): bool => $b->isIdle, $bars));
        // 20 of 45 minutes, then five of nothing, then 20.
        $this->assertEqualsWithDelta($bars[0]->width / 4, $bars[1]->x - $bars[0]->x - $bars[0]->width, 0.2);
        $this->assertLessThanOrEqual(CoverLanes::WIDTH, $bars[1]->x + $bars[1]->width);
        $this->assertSame([0, 2], [count((new CoverLanes([]))->bars()), count($lanes->people())]);
    }

    public function test_a_must_that_names_a_zone_wants_somebody_who_reaches_it(): void
    {
        $with = static fn (string $must, string $post): array => self::codes(self::cover(
            [new PlayedPeriod(1, 'Heat', 64_800, 20, 1100, musts: [$must])], [1 => ['lead' => $post]],
        ));
        $this->assertContains('fix cover.must', $with('The fall on the right', 'West'));
        $this->assertNotContains('fix cover.must', $with('The fall on the right', 'East'));
        $this->assertNotContains('fix cover.must', $with('The bright start', 'West'), 'a name within a word is none');
        $left = self::cover([new PlayedPeriod(1, 'Heat', 64_800, 20, 1100, musts: ['Left side'])], [1 => ['lead' => 'East']]);
        $said = array_values(array_filter(
            iterator_to_array(PostJudge::of($left, 7)),
            static fn (Verdict $v): bool => $v->code === 'cover.must',
        ));
        $this->assertSame('“Left side” must be taken in Heat, and nobody there reaches Left.', $said[0]->finding);
    }

    public function test_a_name_in_a_lane_is_whole_or_not_there(): void
    {
        $lines = static function (string $post, int $minutes): array {
            $cover = self::cover(
                [self::period(1, '18:00', $minutes), self::period(2, '20:00', 120)],
                posts: "{$post}, 50, 10", zones: 'Faces, 50, 0, reaction',
            );
            $page = new CoverPage($cover->best(), null, []);

            return (new CoverLanes($page->days($cover)))->bars()[0]->lines;
        };
        // 892 px are 240 minutes: 30 of them 111 px, 15 letters of 7 px.
        $this->assertSame(['Back straight', 'fence'], $lines('Back straight fence', 30));
        $this->assertSame([], $lines('Back straight fence of the far side', 30));
        $this->assertSame([], $lines('Grandstandrooftop', 30));
        $this->assertSame(['Back straight fence'], $lines('Back straight fence', 60));
    }

    public function test_what_a_post_gives(): void
    {
        $cover = self::cover();
        $plan = $cover->plan([]);
        $view = static fn (int $post, int $zone, ?SunPosition $sun): PostView => PostView::of(
            $cover->ground, $cover->ground->posts[$post], $cover->ground->zones[$zone], $plan, $sun === null ? [] : ['First half' => $sun],
        );
        // From 10 m in to 50 m in: 40 m, 267 mm; 8 m/s across 40 m are 11.5 degrees a second.
        $this->assertEqualsWithDelta(266.67, $view(0, 2, null)->focalMm, 0.01);
        $this->assertEqualsWithDelta(11.46, $view(0, 2, null)->degreesPerSecond, 0.01);
        $this->assertTrue($view(0, 1, null)->isHidden);
        // One looks east along the ground.
        $lights = [90 => 'against the sun', 270 => 'sun over the shoulder', 0 => 'sun from the left', 180 => 'sun from the right'];
        foreach ($lights as $azimuth => $says) {
            $this->assertSame($says, $view(0, 2, new SunPosition(20.0, (float) $azimuth))->light);
        }
        $this->assertSame('the sun is down', $view(0, 2, new SunPosition(-2.0, 90.0))->light);
        $this->assertNull($view(0, 2, null)->light);
        // In the evening the sun goes round: what is the same in two periods is said once.
        $at = static fn (float $azimuth, float $high = 20.0): SunPosition => new SunPosition($high, $azimuth);
        $suns = ['First third' => $at(95), 'Second third' => $at(140), 'Last third' => $at(170), 'Prize giving' => $at(300, -1.0)];
        $this->assertSame(
            'against the sun, from Last third on sun from the right, from Prize giving on the sun is down',
            PostView::of($cover->ground, $cover->ground->posts[0], $cover->ground->zones[2], $plan, $suns)->light,
        );
    }

    /**
     * Aimed at the middle of somebody of 1.8 m who fills half of a frame of 3.6 m: from 1.6 m up the horizon lies 0.7 m above that middle, so
     * that the upper 30.6 % are empty; from a knee at 0.9 m half of it is; from 6 m up it is out of the frame.
     */
    public function test_what_lies_behind_and_where_a_headline_falls(): void
    {
        $ground = Ground::read(
            GroundKind::Pitch,
            60,
            40,
            0,
            "Near, 30, 10\nFar, 30, 30\nBench, 45, 12",
            "Stand, 30, -5\nKnee, 0, 10, knees\nSeat, 0, 30, seat\nRoof, 60, 30, up 6 m",
            '',
        );
        $says = static fn (int $post, int $zone): string => Backdrop::of($ground, $ground->posts[$post], $ground->zones[$zone])->says();
        $this->assertSame('behind: Far', $says(0, 0), 'in one line');
        $this->assertSame('empty above: the upper 31 %', $says(0, 1), 'nothing lies behind the far one');
        $this->assertSame('behind: Bench', $says(1, 0), 'within ten degrees');
        $this->assertSame('empty above: the upper 50 %', $says(1, 2));
        $this->assertSame('empty above: the upper 42 %', $says(2, 1));
        $this->assertSame('ground all around: empty beside them', $says(3, 1));
    }

    public function test_lenses_from_the_scene_to_the_face(): void
    {
        $cover = self::cover();
        $view = PostView::of($cover->ground, $cover->ground->posts[0], $cover->ground->zones[2], $cover->plan([]), []);
        $this->assertSame('wide 75, tight 480 mm', $view->lenses(), '266.7 mm for half of it: times 0.28 and times 1.8');
    }
}
