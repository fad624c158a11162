<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Drawing\Mark;
use NorthSatchel\Kit\Needs\PlannedStretch;

/** The drawing of what the lenses reach: focal length on a logarithmic scale, a bar a lens, a tick a shot. */
final readonly class ReachRuler
{
    public const WIDTH = 1000.0;

    private const FROM_MM = 10;

    private const TO_MM = 800;

    private const SCALE_MM = [14, 20, 24, 35, 50, 70, 100, 135, 200, 300, 400, 600];

    private const LEAST_BAR = 8.0;

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  array<int, string>  $on  by lens, the body and side on which it starts
     */
    public function __construct(private CarriedLenses $lenses, private array $stretches, private array $on = []) {}

    public static function x(int $focalMm): float
    {
        $within = max(self::FROM_MM, min(self::TO_MM, $focalMm));

        return round((log($within / self::FROM_MM) / log(self::TO_MM / self::FROM_MM)) * self::WIDTH, 1);
    }

    /** @return list<Mark> */
    public function scale(): array
    {
        return array_map(static fn (int $mm): Mark => new Mark(x: self::x($mm), label: (string) $mm), self::SCALE_MM);
    }

    /**
     * @return list<ReachBar> a prime is a short bar around its
     * focal length
     */
    public function bars(): array
    {
        // By photographer, then from wide to long.
        $sorted = array_map(fn (Carried $c): array => [$c, ...$this->lenses->reach($c->gear, $c->lane)], $this->lenses->all());
        usort(
            $sorted,
            static fn (array $a, array $b): int => [$a[0]->lane !== 'lead', $a[0]->lane, $a[1]]
                <=> [$b[0]->lane !== 'lead', $b[0]->lane, $b[1]],
        );

        return array_map(function (array $of): ReachBar {
            [$lens, $from, $to] = $of;
            $width = max(self::LEAST_BAR, self::x($to) - self::x($from));

            return new ReachBar(
                x: $from === $to ? self::x($from) - $width / 2 : self::x($from),
                width: round($width, 1),
                label: $lens->gear->label,
                lane: $lens->lane,
                on: $this->on[$lens->gear->id] ?? $lens->lane,
                starts: isset($this->on[$lens->gear->id]),
            );
        }, $sorted);
    }

    /** @return list<ReachTick> */
    public function ticks(): array
    {
        return array_map(
            fn (array $of): ReachTick => new ReachTick(
                x: self::x((int) $of[1]->focalMm),
                label: "{$of[1]->focalMm} mm: {$of[1]->what}",
                isCovered: in_array($of[0], $this->lenses->holders((int) $of[1]->focalMm), true),
            ),
            PlannedStretch::shotsWithReach($this->stretches),
        );
    }
}
