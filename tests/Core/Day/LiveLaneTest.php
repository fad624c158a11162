<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use NorthSatchel\Day\IgnoredTap;
use NorthSatchel\Day\LiveEvent;
use NorthSatchel\Day\LiveLane;
use NorthSatchel\Day\LiveSegment;
use NorthSatchel\Day\SegmentState;
use NorthSatchel\Plan\Replan\Replanner;
use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Timeline\Way;
use NorthSatchel\Plan\Timeline\Ways;
use NorthSatchel\Taps\TapKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The lane live, by hand and against a plain reading of its rules (docs/compute.md, `day`) on random logs. */
final class LiveLaneTest extends TestCase
{
    private const NOON = 12 * 3600;

    /**
     * @return array<string, array{list<array{string, string, int, string}>, list<string>, string|null, int, int|null}> events as id, kind,
     * seconds after noon, segment or event; states at 12:30:20, what runs, what it has left, how late
     */
    public static function days(): array
    {
        return [
            'nothing was tapped: half an hour late' => [[], ['waiting', 'waiting', 'waiting'], null, 0, 30],
            'the first runs, six minutes in' => [[['a', 'started', 1460, 's1']], ['running', 'waiting', 'waiting'], 's1', 14, 24],
            'it has run over' => [[['a', 'started', 60, 's1']], ['running', 'waiting', 'waiting'], 's1', 0, 10],
            'another was started after it' => [
                [['a', 'started', 60, 's1'], ['b', 'started', 1500, 's2']],
                ['done', 'running', 'waiting'],
                's2',
                25,
                5,
            ],
            'the start was undone' => [
                [['a', 'started', 60, 's1'], ['b', 'undone', 90, 'a']],
                ['waiting', 'waiting', 'waiting'],
                null,
                0,
                30,
            ],
            'the undoing stands before what it undoes' => [
                [['b', 'undone', 30, 'a'], ['a', 'started', 60, 's1']],
                ['waiting', 'waiting', 'waiting'],
                null,
                0,
                30,
            ],
            'an undoing undone' => [
                [['a', 'started', 60, 's1'], ['b', 'undone', 90, 'a'], ['c', 'undone', 91, 'b']],
                ['running', 'waiting', 'waiting'],
                's1',
                0,
                10,
            ],
            'two that undo each other, in a circle' => [
                [['a', 'undone', 60, 'b'], ['b', 'undone', 61, 'a'], ['c', 'skipped', 62, 's1']],
                ['skipped', 'waiting', 'waiting'],
                null,
                0,
                10,
            ],
            'skipped, moved and done: nothing is left' => [
                [['a', 'skipped', 1, 's1'], ['b', 'moved', 2, 's2'], ['c', 'done', 3, 's3']],
                ['skipped', 'moved', 'done'],
                null,
                0,
                null,
            ],
            'started again after it was done' => [
                [['a', 'started', 60, 's1'], ['b', 'done', 70, 's1'], ['c', 'started', 1800, 's1']],
                ['running', 'waiting', 'waiting'],
                's1',
                20,
                30,
            ],
            'what comes later does not count yet' => [[['a', 'started', 1900, 's1']], ['waiting', 'waiting', 'waiting'], null, 0, 30],
        ];
    }

    /**
     * @param  list<array{string, string, int, string}>  $events
     * @param  list<string>  $states
     */
    #[DataProvider('days')]
    public function test_a_day_by_hand(array $events, array $states, ?string $runs, int $left, ?int $late): void
    {
        $lane = self::lane(array_map(static fn (array $e): LiveEvent => self::event(...$e), $events));
        $this->assertSame($states, array_map(static fn (SegmentState $s): string => $s->value, $lane->states));
        $this->assertSame($runs, $lane->running?->segment->rest->id);
        $this->assertSame($left, $lane->running->minutesLeft ?? 0);
        $this->assertSame($late, $lane->minutesLate);
        $this->assertSame($states === ['skipped', 'moved', 'done'], $lane->replan === null);
    }

    /** What waits is re-planned from where the last one started was, as the re-planner itself would. */
    public function test_the_rest_is_replanned_from_now_and_here(): void
    {
        $lane = self::lane([self::event('a', 'started', 60, 's1'), self::event('b', 'started', 1500, 's2')]);
        // 12:30 and 25 minutes left; the second has no place of its own, so one is still where the first was.
        $alone = (new Replanner(12 * 60 + 55, 'hall', [self::segments()[2]->rest], ['late' => 20], self::ways()))->best();
        $this->assertEquals($alone, $lane->replan);
        $this->assertSame(13 * 60 + 7, $lane->replan?->choices[0]->start);
    }

    public function test_one_id_counts_once_the_earliest_of_it(): void
    {
        $lane = self::lane([
            self::event('a', 'skipped', 60, 's2'),
            self::event('a', 'started', 30, 's1'),
            self::event('a', 'done', 30, 's3', 'zzz'),
        ]);
        $this->assertSame(['running', 'waiting', 'waiting'], array_map(static fn (SegmentState $s): string => $s->value, $lane->states));
        $this->assertCount(1, $lane->log->counted);
        $this->assertSame([], $lane->log->ignored);
    }

    public function test_what_is_ignored_is_said_the_future_first(): void
    {
        $lane = self::lane([
            self::event('d', 'started', 9999, 'nowhere'),
            self::event('c', 'undone', 40, 'nobody'),
            self::event('b', 'done', 40, 'nowhere'),
            self::event('a', 'done', 50, 's1'),
        ]);
        $this->assertEquals(
            [new IgnoredTap('b', 'unknown'), new IgnoredTap('c', 'unknown'), new IgnoredTap('d', 'future')],
            $lane->log->ignored,
        );
        $this->assertSame(['a'], array_map(static fn (LiveEvent $e): string => $e->id, $lane->log->counted));
    }

    /** Random logs, shuffled and doubled, against a reading of the rules that looks at every event anew for each question. */
    public function test_random_logs_against_the_rules_and_in_any_order(): void
    {
        $random = new Randomizer(new Mt19937(20));
        for ($round = 0; $round < 600; $round++) {
            $events = [];
            for ($i = $random->getInt(0, 9); $i > 0; $i--) {
                $kind = ['started', 'done', 'skipped', 'moved', 'undone', 'undone'][$random->getInt(0, 5)];
                $on = $kind === 'undone' ? 'e'.$random->getInt(0, 7) : 's'.$random->getInt(1, 4);
                $events[] = self::event('e'.$random->getInt(0, 6), $kind, $random->getInt(0, 12) * 160, $on);
            }
            $lane = self::lane($events);
            $expected = self::byTheRules($events);
            $this->assertSame(
                $expected['states'],
                array_map(static fn (SegmentState $s): string => $s->value, $lane->states),
                "round {$round}",
            );
            $this->assertSame($expected['counted'], count($lane->log->counted), "round {$round}");
            $this->assertEquals($expected['ignored'], $lane->log->ignored, "round {$round}");
            $again = self::lane($random->shuffleArray([...$events, ...$random->shuffleArray($events)]));
            $this->assertEquals(
                [$lane->states, $lane->running, $lane->minutesLate, $lane->replan, $lane->log],
                [$again->states, $again->running, $again->minutesLate, $again->replan, $again->log],
                "round {$round}",
            );
        }
    }

    /**
     * @param  list<LiveEvent>  $events
     * @return array{states: list<string>, counted: int, ignored: list<IgnoredTap>}
     */
    private static function byTheRules(array $events): array
    {
        $key = static fn (LiveEvent $e): string => sprintf('%09d', $e->at * 10);
        usort($events, static fn (LiveEvent $a, LiveEvent $b): int => strcmp($key($a).$a->written, $key($b).$b->written));
        $first = [];
        foreach ($events as $e) {
            $first[$e->id] ??= $e;
        }
        usort($first, static fn (LiveEvent $a, LiveEvent $b): int => strcmp($key($a).$a->id, $key($b).$b->id));
        $ids = array_map(static fn (LiveEvent $e): string => $e->id, $first);
        $why = static fn (LiveEvent $e): ?string => match (true) {
            $e->at > self::NOON + 1820 => 'future',
            $e->kind === TapKind::Undone ? ! in_array($e->of, $ids, true) : ! in_array($e->segment, ['s1', 's2', 's3'], true) => 'unknown',
            default => null,
        };
        $ignored = [];
        foreach ($first as $e) {
            if ($why($e) !== null) {
                $ignored[] = new IgnoredTap($e->id, $why($e));
            }
        }
        $live = array_values(array_filter($first, static fn (LiveEvent $e): bool => $why($e) === null));
        // Whether one stands, asked of those that take it back; whoever is asked twice on the way stands in a circle.
        $stands = static function (LiveEvent $e, array $asked = []) use (&$stands, $live): bool {
            if (in_array($e->id, $asked, true)) {
                throw new \UnderflowException($e->id);
            }
            foreach ($live as $u) {
                if ($u->kind === TapKind::Undone && $u->of === $e->id && $stands($u, [...$asked, $e->id])) {
                    return false;
                }
            }

            return true;
        };
        $inCircle = static function (LiveEvent $e) use ($live): bool {
            for ($at = $e, $steps = 0; $steps <= count($live); $steps++) {
                $next = array_values(
                    array_filter($live, static fn (LiveEvent $o): bool => $at->kind === TapKind::Undone && $o->id === $at->of),
                );
                if ($next === []) {
                    return false;
                }
                $at = $next[0];
                if ($at->id === $e->id) {
                    return true;
                }
            }

            return false;
        };
        $outside = array_values(array_filter($live, static fn (LiveEvent $e): bool => ! $inCircle($e)));
        $counted = array_values(array_filter($outside, static fn (LiveEvent $e): bool => $stands($e)));
        $states = [];
        foreach (['s1', 's2', 's3'] as $id) {
            $state = 'waiting';
            foreach ($counted as $e) {
                if ($e->segment === $id) {
                    $state = $e->kind === TapKind::Started ? 'running' : $e->kind->value;
                } elseif ($e->kind === TapKind::Started && $state === 'running') {
                    $state = 'done';
                }
            }
            $states[] = $state;
        }

        return ['states' => $states, 'counted' => count($counted), 'ignored' => $ignored];
    }

    private static function event(string $id, string $kind, int $afterNoon, string $on, string $written = ''): LiveEvent
    {
        $is = TapKind::from($kind);

        return new LiveEvent(
            $id,
            $is,
            self::NOON + $afterNoon,
            $is === TapKind::Undone ? null : $on,
            $is === TapKind::Undone ? $on : null,
            $written ?: "{$id}{$kind}{$on}",
        );
    }

    /** @param  list<LiveEvent>  $events */
    private static function lane(array $events): LiveLane
    {
        return new LiveLane(self::NOON + 1820, self::segments(), $events, ['late' => 20], self::ways(), 'hall');
    }

    public function test_before_it_begins_nobody_is_late(): void
    {
        $at = static fn (int $minute): ?int => (new LiveLane(
            self::NOON + 60 * $minute, self::segments(), [], ['late' => 20], self::ways(), 'hall',
        ))->minutesLate;
        $this->assertSame([0, 0, 1], [$at(-30), $at(0), $at(1)]);
    }

    /** @return list<LiveSegment> from 12:00, 12:20 and 13:00 */
    private static function segments(): array
    {
        return [
            new LiveSegment(720, new Rest('s1', 20, 5, place: 'hall')),
            new LiveSegment(740, new Rest('s2', 30, 9, 10, 2, mayMoveTo: ['late'])),
            new LiveSegment(780, new Rest('s3', 30, 20, place: 'park')),
        ];
    }

    private static function ways(): Ways
    {
        return new Ways([new Way(from: 'hall', to: 'park', minutes: 12)]);
    }
}
