<?php

declare(strict_types=1);

namespace Tests\Core\Scout;

use NorthSatchel\Drawing\PlacedMark;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Posts\GroundCover;
use NorthSatchel\Plan\Posts\PostView;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundKind;
use NorthSatchel\Scout\Ground\GroundPlan;
use NorthSatchel\Scout\Ground\GroundText;
use NorthSatchel\Scout\Ground\ZoneRole;
use NorthSatchel\Sky\SunPosition;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A ground as people type it, and as it is drawn. */
final class GroundTest extends TestCase
{
    private const ZONES = "Goal, 0, 34, main, 5\n\nBench; 52,5; -4; bench; worth 2\nWho shouts, 10, 5, Reaction\nSomewhere, 1 m, 2 m";

    private const POSTS = "Corner, -3, -3, holds 2, seat, power\nHigh, 50, 90, up 12.5 m, stairs 4 min, until 8:30 pm, pass Gold, not bench";

    private static function ground(string $ways = ''): Ground
    {
        return Ground::read(GroundKind::Pitch, 105, 68, 0, self::ZONES, self::POSTS, $ways);
    }

    public function test_zones_and_posts_as_they_are_typed(): void
    {
        $ground = self::ground("corner to High, 6 min\nHigh to Corner; 9");
        [$goal, $bench, $shout, $place] = $ground->zones;
        $this->assertSame(['Goal', 0.0, 34.0, ZoneRole::Main, 5], [$goal->name, $goal->xM, $goal->yM, $goal->role, $goal->worth]);
        $this->assertSame([52.5, -4.0, ZoneRole::Bench, 2], [$bench->xM, $bench->yM, $bench->role, $bench->worth]);
        $this->assertSame([ZoneRole::Reaction, 3], [$shout->role, $shout->worth], 'what nobody says is worth three');
        $this->assertSame([1.0, 2.0], [$place->xM, $place->yM]);
        [$corner, $high] = $ground->posts;
        $this->assertSame([2, ['seat', 'power'], null], [$corner->holds, $corner->notes, $corner->until]);
        $this->assertSame([12.5, 4, 20 * 60 + 30, 'pass Gold', ['Bench']],
            [$high->upM, $high->stairsMinutes, $high->until?->minutes, $high->pass, $high->unseen]);
        $this->assertSame([6, 9, 0], [
            $ground->walkMinutes($corner, $high), $ground->walkMinutes($high, $corner), $ground->walkMinutes($high, $high),
        ]);
        // 53 m along and 93 m across are 107 m: two minutes at 70 m a minute, and four of stairs.
        $this->assertSame(6, self::ground()->walkMinutes($corner, $high));
        $this->assertSame(4, self::ground('High to Corner, 4')->walkMinutes($corner, $high), 'one that is listed holds both ways');
    }

    /** @return array<string, array{string, string, string, string, string}> */
    public static function wrong(): array
    {
        return [
            'no numbers' => ['Goal, left, 3', '', '', 'zones', 'in line 1, after “Goal” come two numbers'],
            'one number' => ["A, 1, 2\nGoal, 3", '', '', 'zones', 'in line 2, after “Goal”'],
            'twice' => ["Goal, 1, 2\ngoal, 3, 4", '', '', 'zones', 'in line 2, “goal” is there already'],
            'a role that is none' => ['Goal, 1, 2, hero', '', '', 'zones', '“hero” is neither a worth'],
            'too much worth' => ['Goal, 1, 2, 101', '', '', 'zones', '“101” is neither a worth'],
            'no name' => ['3, 1, 2', '', '', 'zones', 'a line begins with a name'],
            'far away' => ['Goal, 1, 20001', '', '', 'zones', 'come two numbers'],
            'hidden from nowhere' => ['Goal, 1, 2', 'Corner, 0, 0, not Bench', '', 'posts', 'there is no zone “Bench”'],
            'no time' => ['Goal, 1, 2', 'Corner, 0, 0, until dawn', '', 'posts', '“dawn” is no time of a clock'],
            'a way to nowhere' => ['', "A, 0, 0\nB, 1, 1", 'A to C, 4', 'ways', 'in line 1, there is no post “C”'],
            'no way' => ['', 'A, 0, 0', "\nhop", 'ways', 'in line 2, “hop” is no way'],
            'too many' => [implode("\n", array_map(static fn (int $i): string => "Z{$i}, 0, 0", range(1, 61))), '', '', 'zones', 'must be 60 lines'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_a_line_that_is_not_understood_is_named(string $zones, string $posts, string $ways, string $field, string $says): void
    {
        try {
            Ground::read(GroundKind::Own, 50, 30, 0, $zones, $posts, $ways);
            $this->fail('That cannot be read.');
        } catch (ImpossibleValue $e) {
            $this->assertSame($field, $e->field);
            $this->assertStringContainsString($says, $e->must);
        }
    }

    public function test_a_post_has_another_for_when_the_action_moves(): void
    {
        $read = static fn (string $posts): Ground => Ground::read(GroundKind::Shore, 400, 120, 0, 'Peak, 100, 50', $posts, '');
        $ground = $read("Left, 0, 0, else right when the peak moves on\nRight, 280, 0, up 3 m, stairs 2 min");
        $this->assertSame('when the peak moves on: to Right, 6 min', $ground->moveFrom($ground->posts[0]));
        $this->assertNull($ground->moveFrom($ground->posts[1]));
        foreach (['Left, 0, 0, else Dune when it moves', 'Left, 0, 0, else left when it moves'] as $wrong) {
            try {
                $read($wrong);
                $this->fail($wrong);
            } catch (ImpossibleValue $e) {
                $this->assertSame('posts', $e->field);
            }
        }
    }

    /** What is laid out can be read, and has somebody on the reaction. */
    public function test_every_usual_ground(): void
    {
        foreach (GroundKind::cases() as $kind) {
            $ground = Ground::usual($kind);
            $this->assertGreaterThanOrEqual(2, count($ground->posts), $kind->value);
            $roles = array_map(static fn ($z): ZoneRole => $z->role, $ground->zones);
            $this->assertContains(ZoneRole::Reaction, $roles, $kind->value);
            $this->assertContains(ZoneRole::Main, $roles, $kind->value);
            $plan = new GroundPlan($ground);
            foreach ([...$plan->zones(), ...$plan->posts()] as $mark) {
                $this->assertGreaterThanOrEqual(0.0, min($mark->x, $mark->y));
                $this->assertLessThanOrEqual(GroundPlan::WIDTH, $mark->x);
                $this->assertLessThanOrEqual($plan->height, $mark->y);
            }
        }
        $names = (new GroundPlan(Ground::usual(GroundKind::Track)))->names();
        $at = array_column(array_map(static fn (PlacedMark $m): array => [$m->label, $m->y], $names), 1, 0);
        $apart = abs($at['Finish'] - $at['Behind the finish']);
        $this->assertGreaterThanOrEqual(GroundPlan::NAME_PX, $apart, 'ten metres apart, and not one over the other');
        // Law 1 of the Laws of the Game, international matches: 100 to 110 m by 64 to 75 m.
        $this->assertSame([105.0, 68.0], [GroundKind::Pitch->lengthM(), GroundKind::Pitch->widthM()]);
        $this->assertSame([28.0, 15.0], [GroundKind::Court->lengthM(), GroundKind::Court->widthM()]);
    }

    public function test_the_drawing_has_one_scale_and_turns_with_the_compass(): void
    {
        $ground = Ground::read(GroundKind::Own, 100, 50, 90, 'Goal, 100, 25', "Left, 0, 25\nA very long name of a post, 100, 0", '');
        $plan = new GroundPlan($ground);
        [$a, $b, $c] = [$plan->at(0, 0), $plan->at(100, 0), $plan->at(0, 50)];
        $this->assertEqualsWithDelta(2.0, ($b->x - $a->x) / ($a->y - $c->y), 0.01);
        $this->assertSame(90.0, $ground->lookingDeg($ground->posts[0], $ground->zones[0]) - 90, 'along, where up is east, is south');
        $long = array_values(array_filter($plan->names(), static fn (PlacedMark $m): bool => mb_strlen($m->label) > 20))[0];
        $this->assertLessThanOrEqual(GroundPlan::WIDTH, $long->x + mb_strlen($long->label) * GroundPlan::NAME_PX / 4, 'it is not cut off');
        $up = $plan->sun(new SunPosition(30.0, 90.0));
        $this->assertEqualsWithDelta(20.0, $up?->y, 0.1, 'an eastern sun is up');
        $this->assertNull($plan->sun(new SunPosition(-1.0, 90.0)));
        $this->assertSame([], GroundText::posts("\n \n", []));
    }

    public function test_what_is_seen_from_a_post_stands_where_one_looks(): void
    {
        foreach ([0.0, 35.0, 200.0, 359.0] as $bearing) {
            $ground = Ground::read(GroundKind::Pitch, 100, 60, $bearing, 'Goal, 40, 12', 'Stand, 3, -4', '');
            $at = $ground->seenFrom($ground->posts[0], $ground->lookingDeg($ground->posts[0], $ground->zones[0]), hypot(37, 16));
            $this->assertEqualsWithDelta([40.0, 12.0], [$at->x, $at->y], 1e-6, (string) $bearing);
        }
        // Where "across" looks east, 10 m to the east are 10 m across, and 10 m to the south 10 m along.
        $ground = Ground::read(GroundKind::Pitch, 100, 60, 90, 'Goal, 40, 12', 'Stand, 0, 0', '');
        $east = $ground->seenFrom($ground->posts[0], 90, 10);
        $this->assertEqualsWithDelta([0.0, 10.0], [$east->x, $east->y], 1e-9);
        $this->assertEqualsWithDelta(10.0, $ground->seenFrom($ground->posts[0], 180, 10)->x, 1e-9);
    }

    /** The standard oval of 400 m: two straights of 84.39 m and two bends of 36.5 m, measured 30 cm from its inner edge (from memory). */
    public function test_a_track_is_an_oval_and_a_pitch_has_a_middle(): void
    {
        $plan = new GroundPlan(Ground::usual(GroundKind::Track));
        $length = static function (string $points): float {
            $at = array_map(static fn (string $p): array => array_map(floatval(...), explode(',', $p)), explode(' ', $points));
            $sum = 0.0;
            foreach ($at as $i => [$x, $y]) {
                [$nextX, $nextY] = $at[($i + 1) % count($at)];
                $sum += hypot($nextX - $x, $nextY - $y);
            }

            return $sum;
        };
        $scale = ($plan->at(100, 0)->x - $plan->at(0, 0)->x) / 100;
        $inner = $length($plan->lines()[0]) / $scale;
        $this->assertEqualsWithDelta(2 * 84.39 + 2 * M_PI * 36.5, $inner, 1.0, 'the inner edge');
        $this->assertGreaterThan($inner + 50, $length($plan->outline()) / $scale);
        $middle = new GroundPlan(Ground::usual(GroundKind::Pitch));
        [$near, $far] = [$middle->at(52.5, 0), $middle->at(52.5, 68)];
        $this->assertSame(["{$near->x},{$near->y} {$far->x},{$far->y}"], $middle->lines());
        $this->assertSame([], (new GroundPlan(Ground::usual(GroundKind::Shore)))->lines());
        $own = Ground::read(GroundKind::Track, 170, 90, 0, 'Finish, 10, 0', 'Corner, 0, 0', '', '0, 0; 100, 0; 90, 50');
        $this->assertSame([3, []], [count(explode(' ', (new GroundPlan($own))->outline())), (new GroundPlan($own))->lines()], 'as it was typed');
        $square = Ground::read(GroundKind::Track, 60, 90, 0, 'Finish, 10, 0', 'Corner, 0, 0', '');
        $this->assertSame(4, count(explode(' ', (new GroundPlan($square))->outline())), 'no oval is higher than long');
    }

    public function test_an_outline_of_ones_own(): void
    {
        $read = static fn (string $outline): Ground => Ground::read(GroundKind::Own, 60, 40, 0, 'Goal, 30, 20', 'Left, 0, 0', '', $outline);
        $plan = new GroundPlan($read("0, 0; 60, 0\n72.5, 40; -5, 35"));
        $this->assertSame(4, count(explode(' ', $plan->outline())));
        foreach (explode(' ', $plan->outline()) as $corner) {
            [$x, $y] = array_map(floatval(...), explode(',', $corner));
            $this->assertTrue($x >= 0 && $x <= GroundPlan::WIDTH && $y >= 0 && $y <= $plan->height, 'it is drawn whole');
        }
        $this->assertSame(4, count(explode(' ', (new GroundPlan($read('')))->outline())), 'else the rectangle');
        foreach (['0, 0; 60', '0, 0; 60, 0', '0, 0; 60, 0; x, 4'] as $wrong) {
            try {
                $read($wrong);
                $this->fail($wrong);
            } catch (ImpossibleValue $e) {
                $this->assertSame('outline', $e->field);
            }
        }
    }

    public function test_what_a_job_is_played_on_is_told_by_its_words(): void
    {
        $words = [
            'Harbour cup, Sund handball, Sund sports hall' => GroundKind::HallCourt,
            'Autumn regatta' => GroundKind::Shore,
            'Basketball final, Sund sports hall' => GroundKind::Court,
            'Jubilee concert at the town hall' => GroundKind::Stage,
            'Annual gala, town hall' => GroundKind::Hall,
            'District athletics' => GroundKind::Track,
            'Reds and Blues' => GroundKind::Pitch,
        ];
        foreach ($words as $said => $kind) {
            $this->assertSame($kind, GroundKind::likely($said), $said);
        }
    }

    public function test_who_stands_in_a_zone_has_no_lens_for_it(): void
    {
        $ground = Ground::read(GroundKind::Own, 50, 30, 0, "Bench, 20, 0\nGoal, 0, 15", "Side, 20, -1\nCorner, 0, 0", '', '');
        $plan = (new GroundCover($ground, [], []))->plan([]);
        $view = static fn (int $post, int $zone): PostView => PostView::of($ground, $ground->posts[$post], $ground->zones[$zone], $plan, []);
        $this->assertTrue($view(0, 0)->isInIt());
        $this->assertFalse($view(1, 1)->isInIt());
    }
}
