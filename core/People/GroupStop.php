<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\Exposure\Settings;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\DepthOfField;
use NorthSatchel\Optics\RowsFocus;

/**
 * Where to focus on a group and how far to stop down: heads are no planes and focus is never exact, so the stop holds all rows with
 * both counted; and as long as the ISO stays low, light is spent on more depth than that.
 */
final readonly class GroupStop
{
    /** From the eyes to the front and the back of a head (common practice, no source). */
    public const HEAD_M = 0.1;

    /** Before and behind the eyes, so that they are sharp and the ears need not be (common practice, no source). */
    private const EYES_M = 0.03;

    /** Of the distance, by which focus may be off: our own estimate, no source. */
    public const ERROR = 0.03;

    private const GRAINY_ISO = 3200;

    /** Rows are opened no further than this while the grain is bearable, as on the sheet of the day (common practice, no source). */
    private const WIDEST = 4.0;

    /** Stops that are taken for one row, two, and more, where there is light (common practice, no source). */
    private const USUAL = [1 => 4.0, 2 => 5.6, 3 => 8.0];

    /**
     * @param  float|null  $fNumber  null when f/22 does not hold them
     * @param  float|null  $farM  null: to the horizon
     * @param  bool  $bearsError  whether all rows stay sharp with focus off by its error
     * @param  bool  $isSharpAtPixels  whether all rows are sharp looked at 1:1
     */
    private function __construct(
        public ?float $fNumber,
        public float $focusM,
        public ?float $nearM,
        public ?float $farM,
        public float $frontM,
        public float $backM,
        public bool $bearsError,
        public bool $isSharpAtPixels,
        public ?Settings $start,
    ) {}

    /**
     * @param  non-empty-list<float>  $rowDistancesM
     * @param  int  $shutter  that is wished for, and the slowest that holds the people, as denominators
     *
     * @throws ImpossibleValue
     */
    public static function of(StandLens $lens, array $rowDistancesM, float $ev100, int $shutter, int $slowest): self
    {
        [$front, $back] = [min($rowDistancesM), max($rowDistancesM)];
        $limits = [max(0.2, $front - self::HEAD_M), $back + self::HEAD_M];
        $exact = RowsFocus::of($lens->focalMm, $lens->printMm(), $limits, $lens->widest);
        if ($exact->fNumber === null) {
            return new self(null, $exact->focusM, null, null, $front, $back, false, false, null);
        }
        $focus = $exact->focusM;
        $bears = static fn (float $stop): bool => self::holds($lens, $stop, $focus * (1 - self::ERROR), $lens->printMm(), $limits) &&
            self::holds($lens, $stop, $focus * (1 + self::ERROR), $lens->printMm(), $limits);
        $start = static fn (float $stop): Settings => ClearSky::startingExposure($ev100, $stop, max($shutter, $slowest));
        $chosen = null;
        $most = self::USUAL[min(3, count($rowDistancesM))];
        foreach (RowsFocus::STOPS as $stop) {
            $isNeeded = $chosen === null && $stop >= $exact->fNumber && $bears($stop);
            $iso = $start($stop)->iso;
            $isCalm = ($stop <= $most && $iso <= SceneExposure::ROWS_ISO) || ($stop <= self::WIDEST && $iso <= self::GRAINY_ISO);
            if ($isNeeded || ($chosen !== null && $isCalm)) {
                $chosen = $stop;
            }
        }
        // In the dark no light is spent on what focus may be off by.
        if ($chosen === null || ($start($chosen)->iso > self::GRAINY_ISO && $chosen > $exact->fNumber)) {
            $chosen = self::withLight($lens, [$front, $back], $exact->fNumber, $ev100, $slowest);
        }
        $settings = $start($chosen);
        if ($settings->iso > self::GRAINY_ISO) {
            // The shutter may be as slow as the people who stand there allow.
            $settings = ClearSky::startingExposure($ev100, $chosen, $slowest);
        }
        $depth = DepthOfField::of($lens->focalMm, $chosen, $focus, $lens->printMm());

        return new self(
            $chosen,
            $focus,
            $depth->nearM,
            $depth->farM,
            $front,
            $back,
            $bears($chosen),
            self::holds($lens, $chosen, $focus, $lens->pixelMm(), [$front, $back]),
            $settings,
        );
    }

    /**
     * The stop that holds whole heads; where even the slowest shutter leaves too little light for it, one that is wider, as far as all
     * eyes stay sharp.
     *
     * @param  array{float, float}  $rowsM  front and back
     */
    private static function withLight(StandLens $lens, array $rowsM, float $heads, float $ev100, int $slowest): float
    {
        $iso = static fn (float $stop): int => ClearSky::startingExposure($ev100, $stop, $slowest)->iso;
        $limits = [max(0.2, $rowsM[0] - self::EYES_M), $rowsM[1] + self::EYES_M];
        $eyes = RowsFocus::of($lens->focalMm, $lens->printMm(), $limits, $lens->widest)->fNumber ?? $heads;
        $between = array_filter(
            RowsFocus::STOPS,
            static fn (float|int $stop): bool => $stop >= $eyes && $stop <= $heads && $iso($stop) <= self::GRAINY_ISO,
        );

        return match (true) {
            $iso($heads) <= self::GRAINY_ISO => $heads,
            $between !== [] => (float) max($between),
            default => $eyes,
        };
    }

    /** What is sharp before the front row and behind the back row. */
    public function margins(): string
    {
        $before = (int) round(100 * ($this->frontM - (float) $this->nearM));
        $behind = $this->farM === null ? 'as far as one sees' : (int) round(100 * ($this->farM - $this->backM)).' cm';

        return "sharp from {$before} cm before the front row to {$behind} behind the back row";
    }

    /** @param  array{float, float}  $limits  metres that must be sharp */
    private static function holds(StandLens $lens, float $stop, float $focusM, float $cocMm, array $limits): bool
    {
        $depth = DepthOfField::of($lens->focalMm, $stop, $focusM, $cocMm);

        return $depth->nearM <= $limits[0] && ($depth->farM === null || $depth->farM >= $limits[1]);
    }
}
