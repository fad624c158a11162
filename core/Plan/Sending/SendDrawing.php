<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\Time\ClockTime;

/** The drawing of what is sent when: gaps as bands, below them a row for each thing that is wanted. */
final readonly class SendDrawing
{
    public const WIDTH = 1000.0;

    private const NAME_PX = 230.0;

    private const RIGHT_PX = 20.0;

    private const ROW_PX = 34.0;

    private const TOP_PX = 34.0;

    private const LEAST_PX = 3.0;

    private int $from;

    private int $to;

    public function __construct(private DaySending $sending, private SendPlan $plan)
    {
        $minutes = [];
        foreach ($sending->gaps as $gap) {
            $minutes = [...$minutes, $gap->from->minutes, $gap->to->minutes];
        }
        foreach ($sending->wanted as $wanted) {
            $minutes[] = $wanted->due->minutes;
        }
        $this->from = $minutes === [] ? 0 : min($minutes) - 5;
        $this->to = $minutes === [] ? 60 : max($minutes) + 5;
    }

    public function height(): float
    {
        return self::TOP_PX + self::ROW_PX * count($this->sending->wanted) + 24;
    }

    /** @return list<SendBar> */
    public function gaps(): array
    {
        return array_map(
            fn (WantedGap $g): SendBar => $this->bar($g->name, $g->from->minutes, $g->to->minutes, 0, "{$g->from->text()} to {$g->to->text()}"),
            $this->sending->gaps,
        );
    }

    /** @return list<SendRow> */
    public function rows(): array
    {
        $late = $this->sending->lateOf($this->plan);
        $rows = [];
        foreach ($this->sending->wanted as $number => $wanted) {
            $bars = [];
            foreach ($this->plan->parts as $part) {
                if ((int) $part->id === $number) {
                    $bars[] = $this->bar($part->id, $part->fromMs / 60_000, $part->toMs / 60_000, $number, '');
                }
            }
            $rows[] = new SendRow(
                $wanted->what.($wanted->count > 1 ? " ×{$wanted->count}" : ''),
                self::TOP_PX + self::ROW_PX * $number,
                $this->x($wanted->due->minutes),
                $wanted->due->text(),
                $bars,
                $late[$number] ?? 0,
            );
        }

        return $rows;
    }

    /** @return list<SendBar> full hours */
    public function hours(): array
    {
        $hours = [];
        for ($minute = (intdiv($this->from, 60) + 1) * 60; $minute <= $this->to; $minute += 60) {
            $hours[] = $this->bar(ClockTime::ofMinutes(max(0, min(2879, $minute)))->text(), $minute, $minute, 0, '');
        }

        return $hours;
    }

    private function x(float $minute): float
    {
        $share = ($minute - $this->from) / max(1, $this->to - $this->from);

        return round(self::NAME_PX + $share * (self::WIDTH - self::NAME_PX - self::RIGHT_PX), 1);
    }

    private function bar(string $name, float $from, float $to, int $row, string $says): SendBar
    {
        $x = $this->x($from);

        return new SendBar($name, $x, max(self::LEAST_PX, round($this->x($to) - $x, 1)), self::TOP_PX + self::ROW_PX * $row, $says);
    }
}
