<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** The drawing of what the lenses reach: focal length on a logarithmic scale, a bar a lens, a tick a shot. */
final readonly class ReachRuler
{
    public const WIDTH = 1000.0;

    private const FROM_MM = 10;

    private const TO_MM = 800;

    private const SCALE_MM = [14, 20, 24, 35, 50, 70, 100, 135, 200, 300, 400, 600];

    private const LEAST_BAR = 8.0;

    /**
     * @param  list<BagLens>  $lenses
     * @param  list<WantedReach>  $wanted
     * @param  array<int, string>  $on  by lens, the body and side on which it starts
     */
    public function __construct(private array $lenses, private array $wanted, private array $on = []) {}

    public static function x(int $focalMm): float
    {
        $within = max(self::FROM_MM, min(self::TO_MM, $focalMm));

        return round((log($within / self::FROM_MM) / log(self::TO_MM / self::FROM_MM)) * self::WIDTH, 1);
    }

    /** @return list<array{x: float, label: string}> */
    public function scale(): array
    {
        return array_map(static fn (int $mm): array => ['x' => self::x($mm), 'label' => (string) $mm], self::SCALE_MM);
    }

    /**
     * @return list<array{x: float, width: float, label: string, lane: string, on: string, starts: bool}> a prime is a short bar around its
     * focal length
     */
    public function bars(): array
    {
        return array_map(function (BagLens $lens): array {
            $width = max(self::LEAST_BAR, self::x($lens->toMm) - self::x($lens->fromMm));
            $x = $lens->fromMm === $lens->toMm ? self::x($lens->fromMm) - $width / 2 : self::x($lens->fromMm);

            return [
                'x' => $x,
                'width' => round($width, 1),
                'label' => $lens->label,
                'lane' => $lens->lane,
                'on' => $this->on[$lens->itemId] ?? $lens->lane,
                'starts' => isset($this->on[$lens->itemId]),
            ];
        }, $this->lenses);
    }

    /** @return list<array{x: float, label: string, isCovered: bool}> */
    public function ticks(): array
    {
        return array_map(
            fn (WantedReach $w): array => [
                'x' => self::x($w->focalMm),
                'label' => "{$w->focalMm} mm: {$w->shot}",
                'isCovered' => array_filter($this->lenses, static fn (BagLens $l): bool => $l->lane === $w->lane && $l->reaches($w->focalMm)) !== [],
            ],
            $this->wanted,
        );
    }
}
