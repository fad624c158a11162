<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Day\DayLog;
use NorthSatchel\Day\LiveEvent;
use NorthSatchel\Day\SegmentState;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapTime;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Days of three phones whose clocks are up to ten minutes off: taps wait without a net, are sent late, twice and out of order, and a
 * phone is reloaded in between. At the end the server and every phone must have the same day, the one that really was, and every tap.
 */
final class RandomDays
{
    private const PHONES = 3;

    private const SEGMENTS = [1, 2, 3, 4, 5, 6];

    private const SHOTS = [70, 71, 72, 73, 74];

    private const MOST_AHEAD_S = 600;

    private const DAY_S = 36_000;

    /** Taps of one moment on two phones with clocks set right to the second cannot be told apart. */
    private const APART_S = 5;

    /** @return string|null what went wrong; null where the day came out */
    public static function run(int $seed): ?string
    {
        $random = new Randomizer(new Mt19937($seed));
        $ahead = array_map(static fn (): float => (float) $random->getInt(-self::MOST_AHEAD_S, self::MOST_AHEAD_S), range(1, self::PHONES));
        $truth = self::taps($random);
        $server = $queues = [];
        foreach ($truth as [$phone, $tap]) {
            // The phone's own clock stands on the tap; nobody knows by how much it is off.
            $queues[$phone][] = new Tap($tap->id, $tap->kind, $tap->at + $ahead[$phone], $tap->on);
            if ($random->getInt(1, 4) === 1) {
                self::send($random, $queues[$phone], $ahead[$phone], $tap->at + $random->getInt(0, 30), $server, $random->getInt(0, 2) === 0);
            }
        }
        foreach ($random->shuffleArray(range(0, self::PHONES - 1)) as $phone) {
            // At the end a net is there: until the queue is empty.
            for ($i = 0; ($queues[$phone] ?? []) !== []; $i++) {
                self::send($random, $queues[$phone], $ahead[$phone], self::DAY_S + 100.0 * $i, $server, false);
            }
        }
        $all = array_map(static fn (array $t): Tap => $t[1], $truth);
        $missing = array_diff(array_map(static fn (Tap $t): string => $t->id, $all), array_keys($server));
        if ($missing !== []) {
            return 'lost: '.implode(', ', $missing);
        }
        $was = self::told($all);
        for ($phone = 0; $phone < self::PHONES; $phone++) {
            $has = $random->shuffleArray([...array_values($server), ...array_slice(array_values($server), 0, $random->getInt(0, 5))]);
            if (self::told($has) !== $was) {
                return "phone {$phone} has another day: ".self::told($has)." instead of {$was}";
            }
        }

        return null;
    }

    /** @return list<array{int, Tap}> by phone, in the order in which they really were made */
    private static function taps(Randomizer $random): array
    {
        $kinds = array_values(array_filter(TapKind::ofTheDay(), static fn (TapKind $k): bool => ! in_array($k, TapKind::ofThePlan(), true)));
        $made = [];
        $at = 0.0;
        for ($i = 0; $i < 60; $i++) {
            $at += self::APART_S + $random->getInt(0, 900);
            $kind = $kinds[$random->getInt(0, count($kinds) - 1)];
            $segment = self::SEGMENTS[$random->getInt(0, count(self::SEGMENTS) - 1)];
            $on = match (true) {
                $kind === TapKind::Undone => ['of' => $made === [] ? 'none' : $made[$random->getInt(0, count($made) - 1)][1]->id],
                $kind->subject() === 'shot' => ['shot' => self::SHOTS[$random->getInt(0, count(self::SHOTS) - 1)]],
                $kind === TapKind::Longer => ['segment' => $segment, 'minutes' => 5],
                $kind === TapKind::Noted => ['segment' => $segment, 'words' => 'a'],
                default => ['segment' => $segment],
            };
            $made[] = [$random->getInt(0, self::PHONES - 1), new Tap(sprintf('tap-%03d-%06x', $i, $random->getInt(0, 0xFFFFFF)), $kind, $at, $on)];
        }

        return array_values(array_filter($made, static fn (array $m): bool => $m[1]->at < self::DAY_S));
    }

    /**
     * What waits goes up in any order; where the answer is lost it stays in the queue and goes up again.
     *
     * @param  list<Tap>  $queue
     * @param  array<string, Tap>  $server  by id
     */
    private static function send(Randomizer $random, array &$queue, float $ahead, float $now, array &$server, bool $isAnswerLost): void
    {
        foreach ($random->shuffleArray($queue) as $tap) {
            $at = TapTime::of($tap->at, $now + $ahead, $now);
            $server[$tap->id] ??= new Tap($tap->id, $tap->kind, round($at, 3), $tap->on);
        }
        $queue = $isAnswerLost ? $queue : [];
    }

    /** @param  list<Tap>  $taps */
    private static function told(array $taps): string
    {
        $log = new DayLog($taps, (float) self::DAY_S, self::SEGMENTS, self::SHOTS);

        return json_encode([
            array_map(static fn (int $id): SegmentState => $log->states->of((string) $id), self::SEGMENTS),
            $log->states->running(),
            $log->ticked,
            $log->longer,
            array_map(static fn (LiveEvent $e): string => $e->id, $log->log->counted),
        ], JSON_THROW_ON_ERROR);
    }
}
