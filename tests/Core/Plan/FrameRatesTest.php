<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\JobKind;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Plan\FrameRates;
use NorthSatchel\Plan\Shots\PlayMinute;
use NorthSatchel\SceneKind;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Frames where nobody typed any: common practice, no source. */
final class FrameRatesTest extends TestCase
{
    #[TestWith(['First dance and the floor', 90, 300])]
    #[TestWith(['Ceremony', 40, 100])]
    #[TestWith(['Dinner and speeches', 60, 100])]
    #[TestWith(['Drive to the lake', 60, 0])]
    #[TestWith(['Second half', 45, 180])]
    #[TestWith(['Send pictures', 10, 0])]
    #[TestWith(['Take the remotes down', 30, 0])]
    #[TestWith(['Both cards copied', 20, 0])]
    #[TestWith(['Arrive, light and positions', 30, 0])]
    #[TestWith(['Meal for the photographers', 20, 0])]
    #[TestWith(['Pack the car', 20, 0])]
    #[TestWith(['Guests arrive', 30, 50])]
    #[TestWith(['Send-off with sparklers', 30, 40])]
    #[TestWith(['Mountain portraits', 30, 80])]
    #[TestWith(['Restaurant dinner', 60, 100])]
    #[TestWith(['Breakfast with the family', 30, 90])]
    #[TestWith(['Packshot of the bowls', 60, 60])]
    #[TestWith(['Build the set', 120, 0])]
    #[TestWith(['Groups in front of the building', 20, 60])]
    #[TestWith(['Build and pre-light', 90, 30])]
    #[TestWith(['Set the light, test frames', 60, 20])]
    #[TestWith(['Something else', 30, 40])]
    public function test_what_a_scene_usually_takes(string $title, int $minutes, int $frames): void
    {
        $this->assertSame($frames, FrameRates::usual(SceneKind::of($title), $minutes));
    }

    public function test_what_somebody_typed_counts_as_it_is(): void
    {
        $this->assertSame(100, FrameRates::more(SceneKind::Ceremony, 40, false, []));
        $this->assertSame(80, FrameRates::more(SceneKind::Ceremony, 40, false, [10, 10]), 'the lines are part of it');
        $this->assertSame(65, FrameRates::more(SceneKind::Ceremony, 40, false, [10, 25]), 'one line was typed, the scene was not');
        $this->assertSame(0, FrameRates::more(SceneKind::Ceremony, 40, false, [12, 25]), 'all of them were typed');
        $this->assertSame(0, FrameRates::more(SceneKind::Ceremony, 40, true, []), 'a break');
        $this->assertSame(0, FrameRates::more(SceneKind::Ceremony, 2, false, [10]), 'the line is more than usual');
    }

    public function test_thirteen_hours_are_not_a_handful_of_frames(): void
    {
        $hours = ['Getting ready' => 120, 'Ceremony' => 40, 'Family groups' => 40, 'Portraits' => 60, 'Dinner' => 180, 'Dance' => 180];
        $this->assertGreaterThan(1200, array_sum(array_map(
            static fn (string $title, int $minutes): int => FrameRates::usual(SceneKind::of($title), $minutes),
            array_keys($hours),
            $hours,
        )));
        $stretch = static fn (int $lanes, ?PlannedShot $shot): PlannedStretch => new PlannedStretch(
            1,
            'Dance',
            array_slice(['lead', 'second'], 0, $lanes),
            0,
            60,
            '20:00',
            null,
            Priority::Must,
            null,
            $shot === null ? [] : [$shot],
        );
        $usual = PlannedShot::usual(FrameRates::more(SceneKind::Dance, 60, false, []));
        $this->assertSame(600, PlannedStretch::usualFrames([$stretch(1, $usual), $stretch(2, $usual)]), 'each photographer takes them');
        $this->assertSame(0, PlannedStretch::usualFrames([$stretch(2, new PlannedShot('x', Priority::Must, 30))]));
    }

    public function test_what_is_played_is_told_by_the_kind_of_the_job(): void
    {
        foreach (['First half', 'Second period', 'Last third', 'Semi-finals', 'The race', 'Warming up'] as $title) {
            $this->assertSame(SceneKind::Action, SceneKind::of($title, JobKind::Event), $title);
            $this->assertNotSame(SceneKind::Action, SceneKind::of($title, JobKind::Commercial), $title);
            $this->assertNotSame(SceneKind::Action, SceneKind::of($title, JobKind::Wedding), $title);
        }
        $played = ['Start men', 'Finish of the women', 'Winner men', 'km 4 at the fish market', '10 km', "Children's run", 'Half marathon'];
        foreach ($played as $title) {
            $this->assertTrue(SceneKind::isPlayed($title, JobKind::Event), $title);
        }
        foreach (['Team pictures', 'Class photo', 'Family groups'] as $title) {
            $this->assertSame(SceneKind::Groups, SceneKind::of($title, JobKind::Event), $title);
        }
        $this->assertTrue(PlayMinute::isMoment('timeouts of both coaches'));
        $this->assertTrue(PlayMinute::isMoment('a red card'));
        foreach (['Start of the talks', 'Finish of the show', 'Test run of the slides', 'Winner takes the stage'] as $title) {
            $this->assertFalse(SceneKind::isPlayed($title, JobKind::Event), $title);
        }
        // On a set a half is a half of the work, and the final a picture.
        $this->assertSame(SceneKind::Setup, SceneKind::of('Elements, first half', JobKind::Commercial));
        $this->assertSame(SceneKind::Other, SceneKind::of('Syrup, final', JobKind::Commercial));
        // Where photographers stand at posts something is played, whatever it is called; but a prize is given and a break is one.
        $this->assertSame(SceneKind::Action, SceneKind::of('Chukka 3', JobKind::Event, true));
        $this->assertSame(SceneKind::Action, SceneKind::of('Group C', JobKind::Event, true));
        $this->assertSame(SceneKind::Stage, SceneKind::of('Prize giving', JobKind::Event, true));
        $this->assertSame(SceneKind::Rest, SceneKind::of('Break', JobKind::Event, true));
        $this->assertSame(SceneKind::Other, SceneKind::of('Chukka 3', JobKind::Event));
    }
}
