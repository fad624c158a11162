<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Timeline;

use NorthSatchel\ImpossibleValue;

/** Minutes between named places; a way holds in both directions unless the other is listed. */
final class Ways
{
    /** @var array<string, array<string, int>> */
    private array $minutes = [];

    /** @param  list<Way>  $list */
    public function __construct(array $list = [])
    {
        foreach ($list as $way) {
            $this->minutes[$way->from][$way->to] = $way->minutes;
        }
    }

    /** 0 within a place and from nowhere; null when nobody has said. */
    public function between(?string $from, ?string $to): ?int
    {
        if ($from === null || $to === null || $from === $to) {
            return 0;
        }

        return $this->minutes[$from][$to] ?? $this->minutes[$to][$from] ?? null;
    }

    /** @throws ImpossibleValue when the way is needed and not listed */
    public function needed(?string $from, ?string $to): int
    {
        return $this->between($from, $to) ?? throw ImpossibleValue::of('travel', "must list the way from {$from} to {$to}");
    }
}
