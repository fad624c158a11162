<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Drawing\MinuteMark;
use NorthSatchel\Drawing\Span;

/** The drawing of who stands when: a row a person, time to the right. */
final readonly class StandChart
{
    private const MARK_MINUTES = 5;

    private const NUMBER_PX = 19.0;

    public const WIDTH = 1000.0;

    public const ROW = 20.0;

    /** Of a letter of a name, and for the names at least and at most. */
    private const LETTER = 7.4;

    private const NAMES = [150.0, 420.0];

    private const AFTER = 90.0;

    private const TOP = 26.0;

    private const FOOT = 22.0;

    private float $names;

    public function __construct(private StandTime $stand)
    {
        $longest = max([1, ...array_map(static fn (int|string $name): int => mb_strlen((string) $name), array_keys($stand->people))]);
        $this->names = min(self::NAMES[1], max(self::NAMES[0], $longest * self::LETTER + 8));
    }

    public function height(): float
    {
        return self::TOP + count($this->stand->people) * self::ROW + self::FOOT;
    }

    /**
     * @return list<StandBand> a band a group;
     * numbered where the one before leaves room
     */
    public function groups(): array
    {
        $bands = [];
        $last = -INF;
        foreach ($this->stand->groups as $index => $group) {
            $middle = $this->x(($group->from + $group->to) / 2);
            $isNumbered = $middle - $last >= self::NUMBER_PX;
            $last = $isNumbered ? $middle : $last;
            $bands[] = new StandBand(
                x: $this->x($group->from),
                width: $this->width($group->from, $group->to),
                middle: $middle,
                y: self::TOP - 6,
                height: $this->height() - self::TOP - 12,
                number: $index + 1,
                isNumbered: $isNumbered,
            );
        }

        return $bands;
    }

    /**
     * @return list<StandRow>
     */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->stand->people as $name => $person) {
            $rows[] = new StandRow(
                name: (string) $name,
                y: self::TOP + count($rows) * self::ROW,
                waits: new Span(x: $this->x($person['from']), width: $this->width($person['from'], $person['free'])),
                inFrame: array_map(
                    fn (array $in): Span => new Span(x: $this->x($in['from']), width: max(1.0, $this->width($in['from'], $in['to']))),
                    $person['inFrame'],
                ),
                freeX: $this->x($person['free']) + 6,
                free: (int) ceil($person['free']),
                waitsMinutes: $person['waits'],
            );
        }

        return $rows;
    }

    /** @return list<MinuteMark> every five minutes */
    public function minutes(): array
    {
        return array_map(
            fn (int $minute): MinuteMark => new MinuteMark(x: $this->x($minute), minute: $minute),
            range(0, intdiv((int) $this->stand->totalMinutes, self::MARK_MINUTES) * self::MARK_MINUTES, self::MARK_MINUTES),
        );
    }

    private function x(float $minute): float
    {
        return round($this->names + $minute * $this->scale(), 1);
    }

    private function width(float $from, float $to): float
    {
        return max(0.0, round(($to - $from) * $this->scale(), 1));
    }

    private function scale(): float
    {
        return (self::WIDTH - $this->names - self::AFTER) / max(1.0, $this->stand->totalMinutes);
    }
}
