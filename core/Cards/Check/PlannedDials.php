<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Optics\RowsFocus;

/**
 * What the dials should show when a stretch of the plan begins: a usual stop within the
 * settings sheet, opened where it is dark and closed in the sun, the lowest ISO, and a shutter no slower than the sheet says. A place to
 * start; the meter decides.
 */
final readonly class PlannedDials
{
    /** Where the sheet does not say (common practice, no source). */
    private const SLOWEST = 160;

    private const USUAL_STOP = 4.0;

    private const USUAL_WIDEST = 2.8;

    /** Up to here a lens is not opened further for the sake of noise (common practice, no source). */
    private const CALM_ISO = 1600;

    /** Faster than this not every shutter goes. */
    private const FASTEST = 4000;

    private function __construct(
        public PlannedStretch $stretch,
        public ?float $fNumber,
        public ?int $shutter,
        public ?int $iso,
        public ?string $minds,
    ) {}

    public static function of(PlannedStretch $stretch, SettingsSheet $sheet): self
    {
        if ($stretch->ev100 === null) {
            return new self($stretch, null, null, null, 'Nobody knows the light there: meter it.');
        }
        $slowest = $sheet->slowestS === null ? self::SLOWEST : (int) round(1 / $sheet->slowestS);
        $widest = $sheet->widest ?? min(self::USUAL_WIDEST, $sheet->smallest ?? INF);
        $stops = array_values(
            array_filter(
                RowsFocus::STOPS,
                static fn (float $stop): bool => $stop >= $widest - 0.05 && $stop <= ($sheet->smallest ?? INF) + 0.05,
            ),
        ) ?: [$widest];
        $stop = self::stop($stretch->ev100, $slowest, $stops);
        $start = ClearSky::startingExposure($stretch->ev100, $stop, $slowest);
        $over = $sheet->highestIso === null ? 0.0 : log($start->iso / $sheet->highestIso, 2);
        $fast = log(2 ** $stretch->ev100 / $stop ** 2 / self::FASTEST, 2);
        $minds = match (true) {
            $over > 0.1 => 'Too dark for the sheet by '.
                round($over, 1).
                " stops at ISO {$sheet->highestIso}: bring light, or open beyond f/{$stop}.",
            $fast > 0.1 => 'Too bright for the sheet by '.round($fast, 1).' stops: a grey filter, or a smaller stop.',
            default => null,
        };

        return new self($stretch, $start->fNumber, $start->shutter, $start->iso, $minds);
    }

    /**
     * The usual stop where its light allows; in the dark opened until the ISO is calm, in the sun closed until the shutter follows.
     *
     * @param  non-empty-list<float>  $stops  allowed, the widest first
     */
    private static function stop(float $ev100, int $slowest, array $stops): float
    {
        $calm = array_filter(
            $stops,
            static fn (float $stop): bool => $stop <= self::USUAL_STOP && (100 * $slowest * $stop ** 2) / 2 ** $ev100 <= self::CALM_ISO,
        );
        $stop = $calm === [] ? $stops[0] : max($calm);
        foreach ($stops as $smaller) {
            if ($smaller > $stop && 2 ** $ev100 / $stop ** 2 > self::FASTEST) {
                $stop = $smaller;
            }
        }

        return $stop;
    }

    public function says(): string
    {
        return $this->fNumber === null ? 'meter it' : "f/{$this->fNumber}, 1/{$this->shutter} s, ISO {$this->iso}";
    }
}
