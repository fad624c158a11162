<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Drawing\PlacedMark;

/** The drawing of who stands where over the hours: a lane a photographer, a bar a period, with the name of its post. */
final readonly class CoverLanes
{
    public const WIDTH = 1000.0;

    public const BAR_PX = 34.0;

    private const LEFT_PX = 96.0;

    private const RIGHT_PX = 12.0;

    private const TOP_PX = 26.0;

    private const LANE_PX = 46.0;

    private const LETTER_PX = 8.5;

    /** Of the names in the bars, in two lines at most. */
    private const SMALL_PX = 7.0;

    private const LINES = 2;

    private int $from;

    private int $to;

    /** @param  list<PostDay>  $days */
    public function __construct(private array $days)
    {
        $starts = $ends = [];
        foreach ($days as $day) {
            foreach ($day->stops as $stop) {
                $starts[] = $stop->period->startsAt;
                $ends[] = $stop->period->endsAt();
            }
        }
        $this->from = $starts === [] ? 0 : min($starts);
        $this->to = $ends === [] ? 3600 : max($ends);
    }

    public function height(): float
    {
        return self::TOP_PX + self::LANE_PX * count($this->days);
    }

    /** @return list<PlacedMark> the names of the photographers */
    public function people(): array
    {
        return array_map(
            fn (PostDay $day, int $row): PlacedMark => new PlacedMark(0.0, $this->top($row) + 22, $day->shooter->id),
            $this->days,
            array_keys($this->days),
        );
    }

    /** @return list<LaneBar> */
    public function bars(): array
    {
        $bars = [];
        foreach ($this->days as $row => $day) {
            foreach ($day->stops as $stop) {
                $x = $this->x($stop->period->startsAt);
                $width = max(4.0, round($this->x($stop->period->endsAt()) - $x, 1));
                $bars[] = new LaneBar(
                    $x,
                    $this->top($row),
                    $width,
                    self::lines($stop->post->name, (int) floor(($width - 6) / self::SMALL_PX)),
                    "{$stop->period->title}: {$stop->says()}",
                    $stop->isForNothing(),
                );
            }
        }

        return $bars;
    }

    /** @return list<PlacedMark> the periods' names above, as far as they fit */
    public function periods(): array
    {
        $marks = [];
        $free = 0.0;
        foreach ($this->days[0]->stops ?? [] as $stop) {
            $x = $this->x($stop->period->startsAt);
            if ($x >= $free) {
                $marks[] = new PlacedMark($x, 16.0, $stop->period->title);
                $free = $x + mb_strlen($stop->period->title) * self::LETTER_PX + 8;
            }
        }

        return $marks;
    }

    /** @return list<string> a name in lines of so many letters; none where it does not fit whole */
    private static function lines(string $name, int $letters): array
    {
        $lines = [''];
        foreach (preg_split('/\s+/u', $name) ?: [] as $word) {
            $last = count($lines) - 1;
            $longer = trim("{$lines[$last]} {$word}");
            if (mb_strlen($longer) <= $letters) {
                $lines[$last] = $longer;
            } elseif ($lines[$last] === '' || mb_strlen($word) > $letters) {
                return [];
            } else {
                $lines[] = $word;
            }
        }

        return count($lines) > self::LINES ? [] : $lines;
    }

    private function top(int $row): float
    {
        return self::TOP_PX + self::LANE_PX * $row;
    }

    private function x(int $at): float
    {
        $share = ($at - $this->from) / max(1, $this->to - $this->from);

        return round(self::LEFT_PX + $share * (self::WIDTH - self::LEFT_PX - self::RIGHT_PX), 1);
    }
}
