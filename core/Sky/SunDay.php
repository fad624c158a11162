<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

use NorthSatchel\Time\LocalDay;

/**
 * The sun's events of one local day at one place, as Unix seconds; what does not happen is null.
 *
 * Angles: rise and set −0.833°, twilights −6°, −12°, −18° (US Naval Observatory definitions);
 * golden −4° to +6° and blue −6° to −4° (common practice, no source).
 */
final class SunDay
{
    public const RISE_SET_DEG = -0.833;

    private const HALF_DAY_S = 43200;

    private const LOOK_S = 3600;

    /** @var array<string, int|null> crossings found so far, by side and elevation */
    private array $crossings = [];

    /** @var array<int, float> the lowest moment on each side of noon */
    private array $lowest = [];

    private function __construct(private readonly GeoPoint $place, public readonly int $solarNoon) {}

    public static function of(GeoPoint $place, LocalDay $day): self
    {
        $elevation = static fn (float $at): float => Sun::at($place, $at)->elevationDeg;
        // Within a day the sun climbs and sinks once, so hourly looks bracket its highest moment.
        $best = (float) $day->startsAt();
        $highest = $elevation($best);
        for ($at = $best + self::LOOK_S; $at <= $day->endsAt(); $at += self::LOOK_S) {
            $now = $elevation($at);
            [$best, $highest] = $now > $highest ? [$at, $now] : [$best, $highest];
        }
        $noon = self::extreme(
            $elevation,
            max((float) $day->startsAt(), $best - self::LOOK_S),
            min((float) $day->endsAt(), $best + self::LOOK_S),
        );

        return new self($place, (int) round($noon));
    }

    public function sunrise(): ?int
    {
        return $this->morning(self::RISE_SET_DEG);
    }

    public function sunset(): ?int
    {
        return $this->evening(self::RISE_SET_DEG);
    }

    public function goldenMorning(): ?LightWindow
    {
        return LightWindow::between($this->morning(-4), $this->morning(6));
    }

    public function goldenEvening(): ?LightWindow
    {
        return LightWindow::between($this->evening(6), $this->evening(-4));
    }

    public function blueMorning(): ?LightWindow
    {
        return LightWindow::between($this->morning(-6), $this->morning(-4));
    }

    public function blueEvening(): ?LightWindow
    {
        return LightWindow::between($this->evening(-4), $this->evening(-6));
    }

    /** The last crossing upwards through this elevation in the 12 hours before solar noon. */
    public function morning(float $elevationDeg): ?int
    {
        return $this->known($elevationDeg, -1);
    }

    /** The first crossing downwards through this elevation in the 12 hours after solar noon. */
    public function evening(float $elevationDeg): ?int
    {
        return $this->known($elevationDeg, 1);
    }

    private function known(float $elevationDeg, int $side): ?int
    {
        $key = "{$side} {$elevationDeg}";
        if (! array_key_exists($key, $this->crossings)) {
            $this->crossings[$key] = $this->crossing($elevationDeg, $side);
        }

        return $this->crossings[$key];
    }

    /**
     * Between its lowest and its highest moment the sun climbs without a turn, so the crossing is
     * found by halving between the two.
     */
    private function crossing(float $elevationDeg, int $side): ?int
    {
        $elevation = fn (float $at): float => Sun::at($this->place, $at)->elevationDeg;
        $edge = $this->solarNoon + $side * self::HALF_DAY_S;
        $inner = $edge - $side * 3600;
        $low = $this->lowest[$side] ??= self::extreme(
            static fn (float $at): float => -$elevation($at),
            (float) min($edge, $inner),
            (float) max($edge, $inner),
        );
        $high = (float) $this->solarNoon;
        if ($elevation($low) >= $elevationDeg || $elevation($high) <= $elevationDeg) {
            return null;
        }
        while (abs($high - $low) > 0.05) {
            $middle = ($low + $high) / 2;
            if ($elevation($middle) < $elevationDeg) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return (int) round($high);
    }

    /**
     * Where a function with one peak between the two ends is greatest (golden-section search).
     *
     * @param  \Closure(float): float  $of
     */
    private static function extreme(\Closure $of, float $from, float $to): float
    {
        $ratio = (sqrt(5) - 1) / 2;
        [$a, $b] = [$to - $ratio * ($to - $from), $from + $ratio * ($to - $from)];
        [$ofA, $ofB] = [$of($a), $of($b)];
        while ($to - $from > 0.2) {
            if ($ofA < $ofB) {
                [$from, $a, $ofA] = [$a, $b, $ofB];
                $b = $from + $ratio * ($to - $from);
                $ofB = $of($b);
            } else {
                [$to, $b, $ofB] = [$b, $a, $ofA];
                $a = $to - $ratio * ($to - $from);
                $ofA = $of($a);
            }
        }

        return ($from + $to) / 2;
    }
}
