<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Roster\Roster;
use NorthSatchel\People\Roster\RosterJudge;
use NorthSatchel\Plan\Arrival\Arrival;
use NorthSatchel\Plan\Arrival\TaskText;
use NorthSatchel\Plan\Looks\LooksJudge;
use NorthSatchel\Plan\Looks\LooksText;
use NorthSatchel\Plan\Looks\TimeBox;
use NorthSatchel\Plan\Sending\DaySending;
use NorthSatchel\Plan\Sending\SendJudge;
use NorthSatchel\Plan\Sending\SendText;
use NorthSatchel\Plan\Setups\DayFrame;
use NorthSatchel\Plan\Setups\ElementCount;
use NorthSatchel\Plan\Setups\ElementDay;
use NorthSatchel\Plan\Setups\ElementJudge;
use NorthSatchel\Plan\Setups\ElementList;
use NorthSatchel\Plan\Setups\WantedElement;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;
use NorthSatchel\Time\ClockTime;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sayings;

/** What is said of made-up elements, looks, tasks before the doors, pictures to send, and rosters. */
final class MadeUpStudioTest extends TestCase
{
    private const TIMES = 40;

    public function test_what_is_said_of_made_up_studio_days(): void
    {
        $say = new Sayings('studio', whole: self::TIMES);
        for ($number = 1; $number <= 8 * self::TIMES; $number++) {
            $say->head("Studio {$number}");
            $this->sayElements($say);
            $looks = [];
            for ($k = 1, $of = $say->whole(0, 5); $k <= $of; $k++) {
                $looks[] = implode(', ', array_filter([
                    "Look {$k}",
                    $say->often(80) ? 'with '.$say->one(['Mira', 'Juno']) : '',
                    $say->often(70) ? 'change '.$say->one(['5', '10']).' min' : '',
                    $say->often(60) ? 'hair '.$say->one(['10', '20']).' min' : '',
                    $say->often(25) ? 'nice' : '',
                ]));
                for ($p = 1, $poses = $say->whole(1, 3); $p <= $poses; $p++) {
                    $looks[] = "  Pose {$p}, ".$say->one(['5', '10', '20']).' min'.$say->one(['', ', supported', ', free', ', floor']).
                        ($say->often(25) ? ', throws '.$say->one(['4', '12']) : '').($say->often(25) ? ', helpers '.$say->whole(1, 3) : '');
                }
            }
            $read = LooksText::read(implode("\n", $looks));
            $walls = $say->one([[], [1], [1, 2]]);
            $say->verdicts((new LooksJudge($read, new TimeBox($say->whole(1, 3)), $say->one([20, 60, 90, 240]), $walls))->verdicts());
        }
        $say->keep();
    }

    private function sayElements(Sayings $say): void
    {
        $text = '';
        $ids = [];
        $setups = ['Dark', 'Tank', 'White'];
        for ($picture = 1, $of = $say->whole(0, 3); $picture <= $of; $picture++) {
            $text .= "Final {$picture}\n";
            foreach ($setups as $setup) {
                if (! $say->often(60)) {
                    continue;
                }
                $text .= "  {$setup}\n";
                for ($k = 1, $count = $say->whole(1, 3); $k <= $count; $k++) {
                    $name = "{$setup} {$k}";
                    $ids[] = WantedElement::number("Final {$picture}", $name);
                    $text .= "    {$name}".$say->one(['', ' ×2', ' ×3']).($say->often(70) ? ', '.$say->one(['5', '20', '60']).' min' : '').
                        ($k > 1 && $say->often(30) ? ', after '.$setup.' '.($k - 1) : '').($say->often(20) ? ', nice' : '').
                        ($say->often(20) ? ', with '.$say->one(['Ida', 'Bo and Ida']) : '').
                        $say->one(['', '', '', '', ', throws Bo', ', throws Bo, catches Ida', ', throws Bo, catches Ida, keeps dry Cia'])."\n";
                }
            }
        }
        $hasBoth = str_contains($text, 'Dark') && str_contains($text, 'Tank');
        $list = ElementList::read($text, $hasBoth && $say->often(50) ? 'Dark to Tank, 25 min' : '', 10);
        $taps = [];
        for ($k = $ids === [] ? 0 : $say->whole(0, 12); $k > 0; $k--) {
            $kind = $say->one([TapKind::Tried, TapKind::Tried, TapKind::Kept, TapKind::Kept, TapKind::Dropped]);
            $taps[] = new Tap("t{$k}", $kind, (float) $k, [$kind->subject() => $say->one($ids), 'words' => '']);
        }
        if ($say->often(30)) {
            $taps[] = new Tap('s', TapKind::Struck, 99.0, [
                TapKind::Struck->subject() => WantedElement::numberOfSetup('Dark'),
                'words' => $say->one(['', 'Ida says so']),
            ]);
        }
        $frame = new DayFrame(540, $say->one([600, 720, 1020]));
        $day = new ElementDay($list, $list->order(), $frame);
        $say->verdicts((new ElementJudge($list, $day, new ElementCount(TapLog::of($taps)), $say->often(20)))->verdicts());
    }

    public function test_what_is_said_of_made_up_events(): void
    {
        $say = new Sayings('events', whole: self::TIMES);
        for ($number = 1; $number <= 8 * self::TIMES; $number++) {
            $say->head("Event {$number}");
            $tasks = [];
            for ($k = 1, $of = $say->whole(0, 6); $k <= $of; $k++) {
                $tasks[] = "Task {$k}, ".$say->one(['5', '25', '60']).' min'.($say->often(30) ? ', 2 people' : '').
                    ($k > 1 && $say->often(30) ? ', after Task '.($k - 1) : '').($say->often(25) ? ', by '.$say->one(['Odd', 'Ida']) : '');
            }
            $doors = $say->one([600, 720, 1080]);
            $arrival = new Arrival(TaskText::read(implode("\n", $tasks)), ClockTime::ofMinutes($doors), 2, $say->one([0, 30, 60]), $say->often(30));
            foreach ($arrival->done as $done) {
                $say->add("{$done->task->name} {$done->from->text()} {$done->to->text()}");
            }
            $say->verdicts($arrival->verdicts($say->one([null, 480, $arrival->at->minutes, $arrival->at->minutes + 1])));
            $pictures = [];
            for ($k = 1, $of = $say->whole(0, 5); $k <= $of; $k++) {
                $pictures[] = "Picture {$k}".$say->one(['', ' ×3']).', by 1'.$say->whole(0, 3).':'.$say->one(['00', '30']).
                    ($say->often(40) ? ', from 10:15' : '').($say->often(60) ? ', '.$say->one(['6', '25', '100']).' MB' : '').
                    ($say->often(40) ? ', worth '.$say->one(['2', '5']) : '');
            }
            $gaps = $say->one(["Break: 10:30 to 10:45\nEnd: 11:30 to 12:00", 'Break: 10:30 to 10:31', '']);
            $say->verdicts(SendJudge::of(new DaySending(
                SendText::gaps($gaps),
                SendText::pictures(implode("\n", $pictures)),
                $say->one([0.1, 1.0, 2.0]),
                $say->one([0.0, 20.0]),
            )));
            $players = ['Reds:'];
            for ($k = 1, $of = $say->whole(0, 6); $k <= $of; $k++) {
                $players[] = $say->one([$k, $k, 1]).' Player '.chr(64 + $k).$say->one(['', ', goalkeeper']);
            }
            $list = count($players) === 1 ? '' : implode("\n", $players);
            try {
                $roster = Roster::read($list, $say->one(['', 'Reds: 1 2 3', 'Reds: 1 9']), '', $say->one(['', 'Player A']));
                $say->verdicts(RosterJudge::of($roster));
            } catch (ImpossibleValue $e) {
                $say->add("refused: {$e->field} {$e->must}");
            }
        }
        $say->keep();
    }
}
