<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Arrival\Arrival;
use NorthSatchel\Plan\Arrival\DoneTask;
use NorthSatchel\Plan\Arrival\Task;
use NorthSatchel\Plan\Arrival\TaskText;
use NorthSatchel\Plan\Lights\LightsText;
use NorthSatchel\Plan\Lights\PreLight;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** When to be there, counted back from the doors. */
final class ArrivalTest extends TestCase
{
    private const TASKS = "Walk, 10 min\nWire, 15 min\nCamera, 25 min, 2 people, after Wire\nTable, 30 min, after Walk";

    private static function arrival(int $hands, int $spare = 30, string $tasks = self::TASKS, string $doors = '18:00'): Arrival
    {
        return new Arrival(TaskText::read($tasks), ClockTime::of($doors), $hands, $spare);
    }

    public function test_what_is_done_when_and_before_the_covered_hours(): void
    {
        // One alone: 10 + 15 and then the camera wants two.
        try {
            self::arrival(1);
            $this->fail('One cannot be two.');
        } catch (ImpossibleValue $e) {
            $this->assertSame('tasks', $e->field);
        }
        // Two: walk and wire side by side, 15 min; the camera with both, to 40; the table to 70. 70 and 30 before 18:00 is 16:20.
        $two = self::arrival(2);
        $this->assertSame('16:20', $two->at->text());
        $this->assertSame(
            ['Walk 16:20 16:30', 'Wire 16:20 16:35', 'Camera 16:35 17:00', 'Table 17:00 17:30'],
            array_map(static fn (DoneTask $d): string => "{$d->task->name} {$d->from->text()} {$d->to->text()}", $two->done),
        );
        $this->assertSame('16:45', self::arrival(3)->at->text(), 'a third puts the table up meanwhile');
        $codes = static fn (Arrival $a, ?int $from): array => array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array($a->verdicts($from)),
        );
        $this->assertSame(['fine arrive.at'], $codes($two, 16 * 60 + 20));
        $this->assertSame(['fix arrive.before-hours'], $codes($two, 16 * 60 + 21));
        $this->assertSame(['covered_from' => '16:20'], iterator_to_array($two->verdicts(16 * 60 + 21))[0]->remedy?->on);
        $this->assertSame(['mind arrive.nothing'], $codes(self::arrival(1, tasks: ''), null), 'of nothing no hour is claimed');
        $because = iterator_to_array($two->verdicts(null))[0]->because;
        $this->assertStringContainsString('The school of two hours comes 20 min earlier, that of six 4 h 20 earlier.', $because);
    }

    public function test_who_is_named_is_one_pair_of_hands_and_the_others_go_on(): void
    {
        // Odd is busy for an hour; the other does the rest meanwhile.
        $arrival = self::arrival(2, 0, "Key, 30 min, by Odd\nRim, 30 min, by Odd\nTable, 40 min\nFloor, 20 min");
        $this->assertSame(
            ['Key 17:00 17:30', 'Table 17:00 17:40', 'Rim 17:30 18:00', 'Floor 17:40 18:00'],
            array_map(static fn (DoneTask $d): string => "{$d->task->name} {$d->from->text()} {$d->to->text()}", $arrival->done),
        );
        $alone = self::arrival(1, 0, "Key, 30 min, by Odd\nRim, 30 min, by Ida");
        $this->assertSame('17:00', $alone->at->text(), 'more names than hands: one after the other');
        $more = self::arrival(3, 0, "Beam, 10 min, 3 people, by Odd\nKey, 10 min, by Odd\nWire, 10 min, 2 people");
        $this->assertSame('17:40', $more->at->text(), 'Odd lights, the other two wire');
    }

    public function test_a_camera_that_is_on_no_line_is_said(): void
    {
        $cameras = [new Task('Camera above the goal', 33), new Task('Wire', 15)];
        $said = self::arrival(2)->unlisted($cameras);
        $this->assertSame(['mind', '“Camera above the goal” is on no line here.'], [$said?->severity->value, $said?->finding]);
        $this->assertStringContainsString('33 min', (string) $said?->because);
        $listed = self::arrival(2, tasks: self::TASKS."\n".$cameras[0]->line());
        $this->assertNull($listed->unlisted($cameras), 'as it is offered it is read again');
        $codes = static fn (Arrival $a): array => array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array($a->verdicts(0, $cameras)),
        );
        $this->assertSame(['mind arrive.unlisted'], $codes(self::arrival(2)), 'no time is called right while it is missing');
        $this->assertSame(['fine arrive.at'], $codes($listed));
        $this->assertSame(['mind arrive.nothing', 'mind arrive.unlisted'], $codes(self::arrival(2, tasks: '')));
        $task = new Task('Net', 5, 2, ['Wire', 'Walk'], 'Odd and Ida');
        $this->assertSame('Net, 5 min, 2 people, by Odd and Ida, after Wire, after Walk', $task->line());
        $this->assertEquals($task, TaskText::read("Wire, 5 min\nWalk, 5 min\n{$task->line()}")[2]);
    }

    public function test_two_who_do_it_together_are_both_busy(): void
    {
        $both = "Key, 10 min, by Odd\nBackground, 15 min, by Odd and Ida\nRim, 10 min, by Ida";
        $studio = new Arrival(TaskText::read($both), ClockTime::of('09:30'), 3, 0, true);
        $this->assertSame(
            ['Key 08:55 09:05', 'Background 09:05 09:20', 'Rim 09:20 09:30'],
            array_map(static fn (DoneTask $d): string => "{$d->task->name} {$d->from->text()} {$d->to->text()}", $studio->done),
        );
        $this->assertSame([['Odd', 'Ida'], 2], [$studio->done[1]->task->names(), $studio->done[1]->task->people]);
    }

    public function test_in_a_studio_who_does_it_does_one_thing_at_a_time(): void
    {
        $tasks = "Key, 10 min, by Odd\nRim, 10 min, by Odd\nBackground, 15 min, by Ida";
        $studio = new Arrival(TaskText::read($tasks), ClockTime::of('09:30'), 3, 0, true);
        $this->assertSame(
            ['Key 09:10 09:20', 'Background 09:10 09:25', 'Rim 09:20 09:30'],
            array_map(static fn (DoneTask $d): string => "{$d->task->name} {$d->from->text()} {$d->to->text()}", $studio->done),
        );
        $because = iterator_to_array($studio->verdicts(null))[0]->because;
        $this->assertStringNotContainsString('school', $because, 'those come to doors');
        $nothing = new Arrival([], ClockTime::of('09:30'), 1, 0, true);
        $this->assertStringContainsString('first picture', iterator_to_array($nothing->verdicts(null))[0]->finding);
    }

    public function test_tasks_from_the_light_of_a_setup(): void
    {
        $pieces = ['Subject, 1 m high', 'Key, 2 m, 45° left', 'Hair, 1 m behind, boom', 'Background, 2 m behind', 'Camera, 3 m'];
        $light = LightsText::read("Ground\n  ".implode("\n  ", $pieces))[0];
        $tasks = TaskText::read(PreLight::tasks($light));
        $this->assertSame(
            ['Background', 'Hair', 'Key', 'Camera', 'Test frame through the whole chain', 'Marks measured and taped'],
            array_map(static fn (Task $t): string => $t->name, $tasks),
            'from the back to the front',
        );
        $this->assertSame([2, ['Background', 'Hair', 'Key', 'Camera']], [$tasks[1]->people, $tasks[4]->after]);
        $this->assertSame([15, 15, 10, 10, 10, 10], array_map(static fn (Task $t): int => $t->minutes, $tasks));
        $this->assertSame('', PreLight::tasks(LightsText::read("Ground\n  Subject, 1 m high")[0]));
    }

    public function test_bad_lines_and_a_day_too_short(): void
    {
        foreach (['Wire', "Wire, 5 min\nwire, 5 min", 'Wire, 5 min, quickly', 'Wire, 5 min, after Walk', 'Wire, 5 min, 9 people'] as $wrong) {
            try {
                TaskText::read($wrong);
                $this->fail($wrong);
            } catch (ImpossibleValue $e) {
                $this->assertStringContainsString('in line '.(str_contains($wrong, "\n") ? 2 : 1), $e->must);
            }
        }
        $this->expectException(ImpossibleValue::class);
        self::arrival(2, doors: '01:30');
    }
}
