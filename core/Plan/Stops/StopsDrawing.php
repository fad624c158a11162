<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\Drawing\Mark;
use NorthSatchel\Drawing\Span;
use NorthSatchel\Time\LocalDay;

/** The drawing of a day of stops: a row a job, time to the right; its appointment, where it is planned, where the best order puts it. */
final readonly class StopsDrawing
{
    public const WIDTH = 1000.0;

    /** Left of the hours stand the names. */
    private const NAMES = 190.0;

    private int $from;

    private int $to;

    /**
     * @param  list<Stop>  $stops  in the order of the rows
     * @param  array<int, string>  $names  by stop id
     * @param  array<int, int>  $planned  starts in minutes since midnight, by stop id
     */
    public function __construct(
        private LocalDay $day,
        private array $stops,
        private array $names,
        private array $planned,
        private ?Round $best,
    ) {
        $edges = [];
        foreach ($stops as $stop) {
            foreach ([$planned[$stop->id], $best?->starts[$stop->id] ?? $planned[$stop->id]] as $start) {
                $edges = [...$edges, $start, $start + $stop->minutes];
            }
            $edges = [...$edges, $stop->opens ?? $edges[0], ($stop->closes ?? $edges[0]) + 1];
        }
        $this->from = intdiv(min($edges ?: [0]), 60) * 60 - 30;
        $this->to = (intdiv(max($edges ?: [0]) - 1, 60) + 1) * 60 + 30;
    }

    /** @return list<Mark> */
    public function hours(): array
    {
        $hours = [];
        for ($at = intdiv($this->from + 59, 60) * 60; $at <= $this->to; $at += 60) {
            $hours[] = new Mark(x: $this->x($at), label: substr($this->face($at), 0, 2));
        }

        return $hours;
    }

    /**
     * @return list<StopRow> window: when it may start
     */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->stops as $stop) {
            $start = $this->best?->starts[$stop->id] ?? null;
            $hasWindow = $stop->opens !== null && $stop->closes !== null && $stop->closes > $stop->opens;
            $place = $this->best === null ? false : array_search($stop->id, $this->best->order, true);
            $rows[] = new StopRow(
                name: $this->names[$stop->id],
                window: $hasWindow
                    ? new Span(
                        x: $this->x((int) $stop->opens),
                        width: round($this->x((int) $stop->closes) - $this->x((int) $stop->opens), 2),
                    )
                    : null,
                planned: $this->slip($stop, $this->planned[$stop->id]),
                best: $start === null || $place === false ? null : $this->slip($stop, $start, $place + 1),
            );
        }

        return $rows;
    }

    private function slip(Stop $stop, int $start, ?int $place = null): PlannedSlip
    {
        return new PlannedSlip(
            x: $this->x($start),
            width: round($this->x($start + $stop->minutes) - $this->x($start), 2),
            time: $this->face($start),
            place: $place,
        );
    }

    private function x(int $minute): float
    {
        return round(self::NAMES + (($minute - $this->from) / ($this->to - $this->from)) * (self::WIDTH - self::NAMES), 2);
    }

    private function face(int $minute): string
    {
        return $this->day->face($this->day->startsAt() + 60 * $minute);
    }
}
