<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\ImpossibleValue;

/**
 * Which of several jobs first? The order that leaves the most slack, that is, with which one may set out
 * latest and still keep every appointment; among those the one that is over first. Exact, by dynamic
 * programming over sets of stops (M. Held and R. M. Karp, 1962, with time windows).
 */
final class StopOrder
{
    public const MOST_STOPS = 12;

    private const NEVER = -1_000_000;

    private const ALWAYS = 1_000_000;

    /** @var array<int, array<int, int>> by the set of stops that follow, and stop: the latest arrival there */
    private array $latest = [];

    /**
     * @param  list<Stop>  $stops
     * @param  \Closure(int, int): int  $way  minutes from place to place
     *
     * @throws ImpossibleValue for more than 12 stops
     */
    private function __construct(
        private readonly int $now,
        private readonly ?int $home,
        private readonly array $stops,
        private readonly \Closure $way,
    ) {
        if (count($stops) > self::MOST_STOPS) {
            throw ImpossibleValue::of('stops', 'are '.self::MOST_STOPS.' at most');
        }
        $this->lookBack();
    }

    /**
     * @param  int  $now  when one may set out, minutes since midnight
     * @param  int|null  $home  place one sets out from; null: at the first stop
     * @param  list<Stop>  $stops
     * @param  \Closure(int, int): int  $way  minutes from place to place
     * @return Round|null null when no order keeps every appointment
     */
    public static function best(int $now, ?int $home, array $stops, \Closure $way): ?Round
    {
        return $stops === [] ? new Round([], [], null, $now) : (new self($now, $home, $stops, $way))->round();
    }

    private function lookBack(): void
    {
        $count = count($this->stops);
        for ($after = 0; $after < 1 << $count; $after++) {
            foreach ($this->stops as $j => $stop) {
                if ($after & (1 << $j)) {
                    continue;
                }
                $latest = $stop->closes ?? self::ALWAYS;
                if ($after !== 0) {
                    $then = self::NEVER;
                    foreach ($this->stops as $k => $next) {
                        if ($after & (1 << $k)) {
                            $then = max($then, $this->latest[$after & ~(1 << $k)][$k] - $this->between($stop, $next) - $stop->minutes);
                        }
                    }
                    $latest = min($latest, $then);
                }
                $this->latest[$after][$j] = $latest < ($stop->opens ?? self::NEVER) ? self::NEVER : $latest;
            }
        }
    }

    private function round(): ?Round
    {
        $all = (1 << count($this->stops)) - 1;
        $slack = self::NEVER;
        foreach ($this->stops as $j => $stop) {
            $slack = max($slack, $this->latest[$all & ~(1 << $j)][$j] - $this->fromHome($stop) - $this->now);
        }
        if ($slack < 0) {
            return null;
        }
        // Orders that keep this slack, told apart by when they are over: labels of an early and a late day.
        $labels = [];
        foreach ($this->stops as $j => $stop) {
            $this->reach($labels, 1 << $j, $j, $this->now + $this->fromHome($stop), $this->now + $slack + $this->fromHome($stop), []);
        }
        for ($done = 1; $done < $all; $done++) {
            foreach ($labels[$done] ?? [] as $j => $at) {
                foreach ($at as [$early, $late, $starts]) {
                    foreach ($this->stops as $k => $next) {
                        if (! ($done & (1 << $k))) {
                            $leg = $this->stops[$j]->minutes + $this->between($this->stops[$j], $next);
                            $this->reach($labels, $done | (1 << $k), $k, $early + $leg, $late + $leg, $starts);
                        }
                    }
                }
            }
        }
        $best = null;
        foreach ($labels[$all] ?? [] as $j => $at) {
            foreach ($at as [$early, , $starts]) {
                $end = $early + $this->stops[$j]->minutes;
                $best =
                    $best === null || $end < $best->endsAt
                        ? new Round(array_keys($starts), $starts, $slack > self::ALWAYS >> 1 ? null : $slack, $end)
                        : $best;
            }
        }

        return $best;
    }

    /**
     * @param  array<int, array<int, list<array{int, int, array<int, int>}>>>  $labels  start on the early and the late day, and all starts
     *     so far by stop id
     * @param  array<int, int>  $starts
     */
    private function reach(array &$labels, int $done, int $j, int $early, int $late, array $starts): void
    {
        $stop = $this->stops[$j];
        $all = (1 << count($this->stops)) - 1;
        $early = max($early, $stop->opens ?? $early);
        $late = max($late, $stop->opens ?? $late);
        if ($late > $this->latest[$all & ~$done][$j]) {
            return;
        }
        $kept = [];
        foreach ($labels[$done][$j] ?? [] as $other) {
            if ($other[0] <= $early && $other[1] <= $late) {
                return;
            }
            if ($other[0] < $early || $other[1] < $late) {
                $kept[] = $other;
            }
        }
        $labels[$done][$j] = [...$kept, [$early, $late, $starts + [$stop->id => $early]]];
    }

    private function fromHome(Stop $stop): int
    {
        return $this->home === null || $stop->place === null ? 0 : ($this->way)($this->home, $stop->place);
    }

    private function between(Stop $from, Stop $to): int
    {
        return $from->place === null || $to->place === null || $from->place === $to->place ? 0 : ($this->way)($from->place, $to->place);
    }
}
