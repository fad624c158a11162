<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use NorthSatchel\Day\DayJudge;
use NorthSatchel\Day\DayLog;
use NorthSatchel\Day\FrameMatch;
use NorthSatchel\Day\LaneNow;
use NorthSatchel\Day\LightRow;
use NorthSatchel\Day\LivedDay;
use NorthSatchel\Day\LivedSegment;
use NorthSatchel\Day\LivedShot;
use NorthSatchel\Day\TakenFrame;
use NorthSatchel\Day\WaysOut;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use PHPUnit\Framework\TestCase;
use Tests\Support\MadeUpDay;
use Tests\Support\Sayings;

/** What is said of made-up days while they are lived through: where each photographer stands, what frames were taken of what, ways out. */
final class MadeUpLiveDaysTest extends TestCase
{
    private const DAYS = 40;

    private const KINDS = [TapKind::Started, TapKind::Started, TapKind::Done, TapKind::Skipped, TapKind::Moved, TapKind::Longer, TapKind::Undone];

    public function test_what_is_said_of_days_that_are_lived_through(): void
    {
        $say = new Sayings('live', whole: self::DAYS);
        $made = new MadeUpDay($say);
        for ($number = 1; $number <= 10 * self::DAYS; $number++) {
            $say->head("Day {$number}");
            $day = $made->day($made->local());
            $now = $day->segments[0]->startsAt + 60 * $say->rather([-10, 0, 5, 30, 120, 300], [-1, 1, 60]);
            $shots = $this->shots($say, $day, $now);
            $lanes = $logs = [];
            foreach ($day->lanes() as $name => $lane) {
                $log = $this->log($say, $lane, $now);
                $logs[$name] = $log;
                $lanes[$name] = new LaneNow($lane, $log, array_fill_keys(array_column($lane, 'id'), $say->one([0, 5, 20])), $now);
                $say->add("{$name} runs {$lanes[$name]->running?->title}, left {$lanes[$name]->minutesLeft}, late {$lanes[$name]->minutesLate}, ".
                    "next {$lanes[$name]->lateAtNext}, waiting ".implode(', ', array_column($lanes[$name]->waiting, 'title')));
            }
            $skipped = array_values(array_filter($day->segments, static fn (): bool => $say->often(10)));
            $open = $say->one([[], [], ['Rings'], ['Rings', 'Kiss', 'Cake', 'Dance']]);
            $say->verdicts(DayJudge::of($say->one([-1, 0, 0, 0, 1, 2]), count($day->segments), $lanes, $open, $skipped, $say->one([0, 0, 1, 2])));
            $lived = LivedDay::of($day->segments, $logs, $shots, $now);
            foreach ($lived as $one) {
                [$from, $to] = [round(($one->from - $now) / 60, 1), round(($one->to - $now) / 60, 1)];
                $say->add("lived {$one->title} {$from} to {$to}".($one->isOver ? ', over' : ''));
            }
            $this->sayFrames($say, $lived, $now);
            $this->sayWays($say, $made, $day);
        }
        $say->keep();
    }

    /** @return array<int, list<LivedShot>> */
    private function shots(Sayings $say, PlannedDay $day, int $now): array
    {
        $shots = [];
        foreach ($day->segments as $segment) {
            for ($k = $say->whole(0, 2); $k > 0; $k--) {
                $ticked = $say->often(60) ? $now - 60 * $say->one([1, 4, 5, 6, 30]) : null;
                $shots[$segment->id][] = new LivedShot(
                    10 * $segment->id + $k,
                    "Shot {$segment->id}.{$k}",
                    $say->often(50),
                    $ticked === null ? null : (float) $ticked,
                    $say->one([null, 2, 5]),
                    $say->often(30),
                );
            }
        }

        return $shots;
    }

    /** @param  list<Segment>  $lane */
    private function log(Sayings $say, array $lane, int $now): DayLog
    {
        $taps = [];
        for ($k = $say->whole(0, 6); $k > 0; $k--) {
            $kind = $say->one(self::KINDS);
            $segment = $say->one($lane)->id;
            $taps[] = new Tap("t{$k}", $kind, (float) $now - 60 * $say->rather([0, 1, 5, 30, 60, 120], [-1, 2, 15]), match ($kind) {
                TapKind::Undone => ['of' => 't'.$say->whole(1, 6)],
                TapKind::Longer => ['segment' => $segment, 'minutes' => 5],
                default => ['segment' => $segment],
            });
        }

        return new DayLog($taps, (float) $now, array_column($lane, 'id'), []);
    }

    /** @param  list<LivedSegment>  $lived */
    private function sayFrames(Sayings $say, array $lived, int $now): void
    {
        $frames = [];
        for ($k = 1, $of = $say->whole(0, 40); $k <= $of; $k++) {
            $lane = $say->one(['lead', 'lead', 'second']);
            $at = (float) $now - $say->rather([0, 20, 30, 31, 60, 240, 299, 300, 301, 1800, 3600, 7200], [1, 29, 59, 61]);
            $frames[] = new TakenFrame("F{$k}", $at, $lane, "Body {$lane}", $say->one([null, 24.0, 35.0, 36.0, 50.0, 200.0]));
        }
        $match = new FrameMatch($lived, $frames);
        $say->add('frames '.json_encode(
            [$match->bySegment, $match->bodies, $match->byShot, $match->outside, $match->ambiguous],
            JSON_THROW_ON_ERROR,
        ));
        foreach ($lived as $one) {
            $sizes = $match->sizes($one->id);
            $say->add("{$one->title}: {$sizes} ".implode(', ', array_map(
                static fn (LivedShot $s): string => "{$s->what} {$match->framesOf($s)}",
                $one->shots,
            )));
        }
        $say->verdicts($match->verdicts());
    }

    private function sayWays(Sayings $say, MadeUpDay $made, PlannedDay $day): void
    {
        $segment = $say->one($day->segments);
        foreach (WaysOut::of($day, $segment->id, $say->rather([5, 10, 30, 60], [0, 1, 2])) as $way) {
            $say->add("{$way->name}: ".implode('; ', $way->says).' '.json_encode($way->to, JSON_THROW_ON_ERROR));
        }
        $rows = LightRow::rows(
            $say->often(70) ? $made->spot(1) : null,
            $say->often(60),
            $say->often(85) ? MadeUpDay::place() : null,
            $segment->title,
            $say->often(20),
            $segment->startsAt,
            $segment->startsAt + 900,
            $made->limits(),
            $segment->setting->scene,
        );
        $say->add(json_encode($rows, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }
}
