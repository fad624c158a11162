<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthSatchel\Drawing\Point;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\People\Crew\CrewText;
use NorthSatchel\People\TeamText;
use NorthSatchel\Plan\Arrival\TaskText;
use NorthSatchel\Plan\Lights\LightsText;
use NorthSatchel\Plan\Looks\LooksText;
use NorthSatchel\Plan\Sending\SendText;
use NorthSatchel\Plan\Setups\ChangeText;
use NorthSatchel\Plan\Setups\ElementText;
use NorthSatchel\Scout\Ground\GroundText;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;
use NorthSatchel\Wrap\CaptionText;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One thing may be typed in several ways, and is read as the same. */
final class TypedListsTest extends TestCase
{
    #[TestWith(['25 min', 25])]
    #[TestWith(['25 mins', 25])]
    #[TestWith(['25 minutes', 25])]
    #[TestWith(['about 25 min.', 25])]
    #[TestWith(['takes 25 min', 25])]
    #[TestWith(['1 h', 60])]
    #[TestWith(['1h30', 90])]
    #[TestWith(['1 h 15 min', 75])]
    #[TestWith(['1.5 hours', 90])]
    #[TestWith(['half an hour', 30])]
    #[TestWith(['an hour', 60])]
    #[TestWith(['25', null])]
    #[TestWith(['2 people', null])]
    #[TestWith(['after 25 min', null])]
    #[TestWith(['9:30', null])]
    public function test_minutes_are_read_as_people_say_them(string $typed, ?int $minutes): void
    {
        $this->assertSame($minutes, TypedLine::minutes($typed));
    }

    /** @param  list<string>  $parts */
    #[TestWith(['Kitchen, 4,2 × 3,1 m, ×2', ['Kitchen', '4.2 × 3.1 m', '×2']])]
    #[TestWith(['Pages 3,4, 20 min', ['Pages 3,4', '20 min']])]
    #[TestWith(['Hang it 25 min', ['Hang it', '25 min']])]
    #[TestWith(['Hang it - 1 h', ['Hang it', '1 h']])]
    #[TestWith(['Hang it: 25 min', ['Hang it', '25 min']])]
    #[TestWith(['Minute 25', ['Minute 25']])]
    public function test_a_comma_within_a_number_parts_nothing(string $line, array $parts): void
    {
        $this->assertSame($parts, TypedLines::of($line, 'lines', 5)[0]->parts);
    }

    #[TestWith(['Remote, 25 min, 2 people, after Wire'])]
    #[TestWith(['Remote, 25 mins, two people, after Wire'])]
    #[TestWith(['Remote, 25 minutes, needs 2, after the wire'])]
    #[TestWith(['Remote, takes 25 min, by Odd and Ida, once Wire is done'])]
    public function test_a_task(string $line): void
    {
        $task = TaskText::read("Wire, 5 min\n{$line}")[1];
        $this->assertSame(['Remote', 25, 2, ['Wire']], [$task->name, $task->minutes, $task->people, $task->after]);
    }

    public function test_a_task_waits_for_several(): void
    {
        $tasks = TaskText::read("Wire, 5 min\nNuts and bolts, 5 min\nNet, 5 min, after Wire and nuts and bolts");
        $this->assertSame(['Wire', 'Nuts and bolts'], $tasks[2]->after);
        $this->expectException(ImpossibleValue::class);
        TaskText::read("Wire, 5 min\nNet, 5 min, after Wire and Glue");
    }

    #[TestWith(['Coat, with Mira, change 10 min, hair 15 min, nice'])]
    #[TestWith(['Coat, worn by Mira, 10 mins change, 15 min hair and make-up, nice'])]
    #[TestWith(['Coat, Mira wears it, changing 10 minutes, make-up takes 15 min, nice to have'])]
    public function test_a_look(string $line): void
    {
        $look = LooksText::read($line)[0];
        $this->assertSame(
            ['Coat', 'Mira', 10, 15, 'nice'],
            [$look->name, $look->model, $look->changeMinutes, $look->hairMinutes, $look->priority->value],
        );
    }

    #[TestWith(['Collar up, 3 min, supported, throws 6, helpers 2'])]
    #[TestWith(['Collar up, 3 mins, on a chair, 6 throws, 2 helpers'])]
    #[TestWith(['Collar up, 3 minutes, seated, thrown 6 times, two helpers'])]
    public function test_a_pose(string $line): void
    {
        $pose = LooksText::read("Coat\n  {$line}")[0]->poses[0];
        $this->assertSame(['Collar up', 3, 'supported', 6, 2], [$pose->name, $pose->minutes, $pose->stance, $pose->throws, $pose->helpers]);
    }

    #[TestWith(['lying down', 'floor'])]
    #[TestWith(['on the floor', 'floor'])]
    #[TestWith(['standing', 'free'])]
    public function test_how_one_poses(string $typed, string $stance): void
    {
        $this->assertSame($stance, LooksText::read("Coat\n  Pose, {$typed}")[0]->poses[0]->stance);
    }

    #[TestWith(['Kitchen, 4.2 × 3.1 m, ×2, window EV 13, faces S, lamps, 15 min'])]
    #[TestWith(['Kitchen, 4,2 x 3,1 m, 2 pictures, EV 13 at the window, south-facing, lamps on, 15 mins'])]
    #[TestWith(['Kitchen, 4.2m by 3.1m, two pictures, window: EV 13, faces south, with lamps, takes 15 min'])]
    #[TestWith(['Kitchen, 4.2 m × 3.1 m, ×2, window 13 EV, facing south, lamps, 15 minutes'])]
    public function test_a_room(string $line): void
    {
        $room = RoomText::read($line)[0];
        $this->assertSame(
            [4.2, 3.1, 2, 13.0, 180.0, true, 15],
            [$room->widthM, $room->lengthM, $room->pictures, $room->windowEv, $room->facesDeg, $room->hasLamps, $room->minutes],
        );
    }

    #[TestWith(['Key, 1.8 m away, 45° left, 2.2 m high, 1/4 power, softbox 60 cm'])]
    #[TestWith(['Key, 1,8 m from the subject, camera left 45°, 2,2 m up, at 1/4 power, 60 cm softbox'])]
    #[TestWith(['Key, at 1.8 m, 45 deg camera left, height 2.2 m, power 1/4, softbox 60 cm'])]
    #[TestWith(['Key, 180 cm away, 45 degrees to the left, 220 cm high, quarter power, softbox 60cm'])]
    public function test_a_light(string $line): void
    {
        $piece = LightsText::read("Setup\n  {$line}")[0]->pieces[0];
        $this->assertSame(
            [1.8, -45.0, 2.2, 0.25, 'softbox', 60.0],
            [$piece->distanceM, $piece->angleDeg, $piece->heightM, $piece->power, $piece->modifier, $piece->sizeCm],
        );
    }

    #[TestWith(['Line-up ×3, by 19:05, from 18:50, 6.5 MB, worth 5'])]
    #[TestWith(['3 Line-up, due 19:05, ready 18:50, 6,5 MB, worth 5'])]
    #[TestWith(['Line-up, 3 pictures, before 7:05 pm, after 6:50 pm, 6,5MB, value 5'])]
    #[TestWith(['Line-up x3; due at 19.05; ready from 18.50; 6,5 MB; worth 5'])]
    public function test_what_is_to_be_sent(string $line): void
    {
        $one = SendText::pictures($line)[0];
        $this->assertSame(
            ['Line-up', 3, 1145, 1130, 6.5, 5],
            [$one->what, $one->count, $one->due->minutes, $one->ready?->minutes, $one->mb, $one->worth],
        );
    }

    #[TestWith(['Half time, 18:25 to 18:35'])]
    #[TestWith(['Half time 18:25–18:35'])]
    #[TestWith(['Half time: from 18:25 until 18:35'])]
    #[TestWith(['Half time, 6:25 pm - 6:35 pm'])]
    public function test_a_gap(string $line): void
    {
        $gap = SendText::gaps($line)[0];
        $this->assertSame(['Half time', 1105, 1115], [$gap->name, $gap->from->minutes, $gap->to->minutes]);
    }

    #[TestWith(['Mio, model, 9:00 to 15:00, 14 years, guardian Ida Holt, 4 h at most'])]
    #[TestWith(['Mio, model, 9–15, aged 14, guardian: Ida Holt, max. 4 hours'])]
    #[TestWith(['Mio, model, 9am to 3pm, 14 y/o, with guardian Ida Holt, up to 4 h'])]
    #[TestWith(['Mio, model, from 9 to 15, age 14, Guardian Ida Holt, at most 4 h'])]
    public function test_somebody_of_the_crew(string $line): void
    {
        $one = CrewText::read($line)[0];
        $this->assertSame(
            ['Mio', 'model', 540, 900, 14, 'Ida Holt', 240],
            [$one->name, $one->role, $one->from, $one->to, $one->age, $one->guardian, $one->mostMinutes],
        );
    }

    #[TestWith(['called at 8:30'])]
    #[TestWith(['call 8:30'])]
    #[TestWith(['from 8:30'])]
    #[TestWith(['8:30'])]
    public function test_when_somebody_is_called(string $typed): void
    {
        $this->assertSame(510, CrewText::read("Mio, model, {$typed}")[0]->from);
    }

    #[TestWith(['Corner, -3, 4.5, holds 2, up 4 m, stairs 3 min, until 20:30, not Bench'])]
    #[TestWith(['Corner; -3; 4,5; for 2; 4 m up; 3 min of stairs; closes 20:30; cannot see Bench'])]
    #[TestWith(['Corner, -3 m, 4.5 m, room for 2, 4 m high, 3 min stairs, till 20:30, no view of Bench'])]
    public function test_a_post(string $line): void
    {
        $post = GroundText::posts($line, GroundText::zones('Bench, 0, 0'))[0];
        $this->assertSame(
            [-3.0, 4.5, 2, 4.0, 3, 1230, ['Bench'], []],
            [$post->xM, $post->yM, $post->holds, $post->upM, $post->stairsMinutes, $post->until?->minutes, $post->unseen, $post->notes],
        );
    }

    #[TestWith(['Corner to High, 6 min'])]
    #[TestWith(['Corner → High 6 min'])]
    #[TestWith(['Corner – High: 6'])]
    public function test_a_way_between_posts(string $line): void
    {
        $way = GroundText::ways($line, GroundText::posts("Corner, 0, 0\nHigh, 9, 9", []))[0];
        $this->assertSame(['Corner', 'High', 6], [$way->from, $way->to, $way->minutes]);
    }

    public function test_corners_with_a_comma_in_their_numbers(): void
    {
        $this->assertEquals([new Point(0, 0), new Point(60.5, 0), new Point(60.5, 40)], GroundText::outline("0 0\n60,5 0\n60,5 40"));
    }

    #[TestWith(['Juniors, 14 players, 2.5 min, 60 s, heights 152 148'])]
    #[TestWith(['Juniors, 14 girls, 2,5 mins, 60 sec, heights 152 148'])]
    #[TestWith(['Juniors: 14 children, 2.5 minutes, 60 seconds each, heights 152 148'])]
    public function test_a_team(string $line): void
    {
        $team = TeamText::read($line)[0];
        $this->assertSame(
            ['Juniors', 14, 2.5, 60.0, [152, 148]],
            [$team->id, $team->players, $team->teamMinutes, $team->playerSeconds, $team->heightsCm],
        );
    }

    #[TestWith(['Label ×3, 15 min, nice, after Clean pack, with Ida'])]
    #[TestWith(['Label, 3 times, 15 mins, nice, after Clean pack, with Ida'])]
    #[TestWith(['Label x3, takes 15 minutes, nice to have, then after Clean pack, Ida needed'])]
    public function test_an_element(string $line): void
    {
        $pictures = ElementText::read("Poster\n  Clean pack\n  {$line}");
        $one = $pictures[0]->elements[1];
        $this->assertSame(['Label', 3, 15, 'nice', ['Ida']], [$one->name, $one->wanted, $one->minutes, $one->priority->value, $one->people]);
    }

    #[TestWith(['Tank to Table, 25 min'])]
    #[TestWith(['Tank → Table: 25 mins'])]
    public function test_a_change_of_setups(string $line): void
    {
        $this->assertSame(['Tank' => ['Table' => 25]], ChangeText::read($line, ['Tank', 'Table']));
    }

    #[TestWith(['18:42 k7 scores'])]
    #[TestWith(['6:42 pm k7 scores'])]
    #[TestWith(['18.42: k7 scores'])]
    public function test_a_caption_by_its_minute(string $line): void
    {
        $this->assertSame([18 * 3600 + 42 * 60, 'k7 scores'], [CaptionText::read($line)[0]->seconds, CaptionText::read($line)[0]->text]);
    }
}
