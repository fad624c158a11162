<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Drawing\Mark;
use NorthSatchel\Drawing\SkyBand;
use NorthSatchel\Drawing\SunMark;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SkyLook;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\Span;

/**
 * The drawing of a day, in units of its own: time from left to right, the sky's light behind, a lane
 * for each photographer, slack as springs.
 */
final readonly class DayRuler
{
    public const WIDTH = 1000.0;

    private const SKY_STEP_S = 600;

    private const TURNS_EVERY_MINUTES = 5;

    private const LOW = 74;

    private const TALL = 112;

    private const LABEL_HALF = 46.0;

    /** @param  int  $from Unix seconds of the left edge */
    private function __construct(private PlannedDay $day, public int $from, public int $to, private ?GeoPoint $place) {}

    /** From the hour before the first segment to the hour after the last, and at least the covered hours. */
    public static function of(PlannedDay $day, ?GeoPoint $place, int $coveredFrom, int $coveredTo): self
    {
        $from = $coveredFrom;
        $to = max($coveredTo, $coveredFrom + 3600);
        foreach ($day->segments as $segment) {
            $from = min($from, $segment->startsAt);
            $to = max($to, $segment->endsAt());
        }

        return new self($day, intdiv($from, 3600) * 3600 - 1800, (intdiv($to - 1, 3600) + 1) * 3600 + 1800, $place);
    }

    public function x(int $at): float
    {
        return round((($at - $this->from) / ($this->to - $this->from)) * self::WIDTH, 2);
    }

    /**
     * The sky behind the day, joined where it does not change.
     *
     * @return list<SkyBand> sky: night, nautical, civil, golden, day
     */
    public function sky(): array
    {
        $bands = [];
        if ($this->place === null) {
            return $bands;
        }
        for ($at = $this->from; $at < $this->to; $at += self::SKY_STEP_S) {
            $sky = SkyLook::named(Sun::at($this->place, $at + self::SKY_STEP_S / 2)->elevationDeg);
            $x = $this->x($at);
            $width = $this->x(min($at + self::SKY_STEP_S, $this->to)) - $x;
            $last = array_pop($bands);
            if ($last !== null && $last->sky === $sky) {
                $bands[] = new SkyBand(x: $last->x, width: round($last->width + $width, 2), sky: $sky);

                continue;
            }
            if ($last !== null) {
                $bands[] = $last;
            }
            $bands[] = new SkyBand(x: $x, width: $width, sky: $sky);
        }

        return $bands;
    }

    /** @return list<Mark> every full hour */
    public function hours(): array
    {
        $hours = [];
        for ($at = intdiv($this->from + 3599, 3600) * 3600; $at <= $this->to; $at += 3600) {
            $hours[] = new Mark(x: $this->x($at), label: substr($this->day->day->face($at), 0, 2));
        }

        return $hours;
    }

    /** @return list<SunMark> the sun's events that fall into the drawing */
    public function marks(): array
    {
        $sun = $this->day->sun;
        $events = $sun === null ? [] : [['sunrise', $sun->sunrise()], ['golden', $sun->goldenEvening()?->from], ['sunset', $sun->sunset()]];
        $marks = [];
        foreach ($events as [$label, $at]) {
            if ($at !== null && $at > $this->from && $at < $this->to) {
                $labelX = max(self::LABEL_HALF, min(self::WIDTH - self::LABEL_HALF, $this->x($at)));
                $marks[] = new SunMark(x: $this->x($at), labelX: $labelX, label: $label, time: $this->day->day->face($at));
            }
        }

        // Two that are near each other keep their words apart.
        for ($i = count($marks) - 2; $i >= 0; $i--) {
            $most = $marks[$i + 1]->labelX - 2 * self::LABEL_HALF;
            $marks[$i] = $marks[$i]->labelX > $most ? $marks[$i]->labelledAt($most) : $marks[$i];
        }

        return array_values($marks);
    }

    /** How high a slip is drawn: taller where some are too narrow for their titles across. */
    public function slipHeight(): int
    {
        foreach ($this->day->segments as $segment) {
            if (! SlipTitle::fitsAcross($segment->title, $this->width($segment))) {
                return self::TALL;
            }
        }

        return self::LOW;
    }

    /**
     * Slips that clash share the height of their lane, one above the other.
     *
     * @return array<string, list<DaySlip>>
     */
    public function slips(): array
    {
        $slips = [];
        $full = $this->slipHeight();
        foreach ($this->day->lanes() as $lane => $segments) {
            foreach (SlipLevels::levels($segments) as $index => [$level, $levels]) {
                $segment = $segments[$index];
                $width = $this->width($segment);
                $height = round($full / $levels - ($levels > 1 ? 1 : 0), 2);
                $title = new SlipTitle($this->day->day->face($segment->startsAt), $segment->title, $width, $height);
                $slips[$lane][] = new DaySlip(
                    id: $segment->id,
                    x: $this->x($segment->startsAt),
                    y: round(($level * $full) / $levels, 2),
                    width: $width,
                    height: $height,
                    title: $segment->title,
                    text: $title->text,
                    isUpright: $title->isUpright,
                    time: $this->day->day->face($segment->startsAt),
                    priority: $segment->priority->value,
                    isOutdoor: $segment->setting->isOutdoor,
                    isAnchor: $segment->isAnchor,
                );
            }
        }

        return $slips;
    }

    private function width(Segment $segment): float
    {
        return max(4.0, round($this->x($segment->endsAt()) - $this->x($segment->startsAt) - 1, 2));
    }

    /**
     * Between neighbours: the cord of the way first, then the spring of the slack that is left; a
     * spring with nothing left is solid.
     *
     * @return array<string, list<DayLink>>
     */
    public function links(): array
    {
        $links = [];
        foreach ($this->day->handovers() as $h) {
            $x = $this->x($h->before->endsAt());
            $end = $this->x($h->after->startsAt);
            $isKnown = $h->from === null || $h->to === null || $this->day->knowsWay($h->from, $h->to);
            $way = $h->travelMinutes ?? ($isKnown ? $this->day->likelyWay($h->from, $h->to) : 0);
            $slack = $h->gapMinutes() - $way - $h->after->wants->setupMinutes;
            $cordEnd = min($end, $this->x($h->before->endsAt() + $way * 60));
            $links[$h->lane][] = new DayLink(
                x: $x,
                cord: max(0.0, round($cordEnd - $x, 2)),
                springX: $cordEnd,
                spring: $isKnown ? self::spring($cordEnd, $end, $slack) : '',
                slack: $slack,
                isKnown: $isKnown,
                label: "{$h->before->title} to {$h->after->title}: ".($isKnown
                    ? Span::hours($slack).' of slack'.($way > 0 ? ' after '.Span::hours($way).' of way' : '')
                    : 'nobody knows the way'),
            );
        }

        return $links;
    }

    /** A zigzag from x to x around y = 0, a turn for every five minutes. */
    private static function spring(float $from, float $to, int $slackMinutes): string
    {
        if ($slackMinutes <= 0 || $to - $from < 2) {
            return '';
        }
        $turns = max(2, min(24, intdiv($slackMinutes, self::TURNS_EVERY_MINUTES)));
        $step = ($to - $from) / ($turns * 2);
        $path = sprintf('M%.2f 0', $from);
        for ($i = 1; $i < $turns * 2; $i++) {
            $path .= sprintf('L%.2f %d', $from + $i * $step, $i % 2 === 1 ? -6 : 6);
        }

        return $path.sprintf('L%.2f 0', $to);
    }
}
