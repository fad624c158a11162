<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\Optics\RowsFocus;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** A group at a spot: rows, lens, distance against the room there is, where to focus and how far to stop down, and what that costs. */
final readonly class GroupSetup
{
    /** Shorter lenses widen who stands at the ends (common practice, no source). */
    private const KIND_FROM_MM = 50;

    /** The shutter where there is light enough: a turned head shows no longer (common practice, no source). */
    private const SHUTTER = 200;

    private const MOST_IN_A_ROW = 12;

    private const SENSOR_MM = 36.0;

    /** Circle of confusion of the full format. */
    public const COC_MM = 0.03;

    private const GRAINY_ISO = 3200;

    private function __construct(
        public RowPlan $rows,
        public int $focalMm,
        public float $distanceM,
        public RowsFocus $focus,
        public ?int $iso,
        /** As its denominator. */
        public ?int $shutter,
        public bool $fits,
        public ?float $roomM,
        public float $ev100,
        public int $frames,
        private float $widest,
        private Sway $sway,
    ) {}

    /**
     * The fewest rows and the longest kind lens that the room behind the camera allows.
     *
     * @param  list<Relative>  $people
     * @param  non-empty-list<int>  $focals  full-format focal lengths at hand
     * @param  float|null  $roomM  from the front row to where the photographer can step back; null: not known
     *
     * @throws ImpossibleValue
     */
    public static function best(
        array $people,
        array $focals,
        ?float $roomM,
        float $ev100,
        float $widest = 1.4,
        bool $isOnSteps = false,
        ?int $rowCount = null,
    ): self {
        rsort($focals);
        $best = [[PHP_INT_MAX], RowPlan::of($people, 1, $isOnSteps), $focals[0], 1.5, false];
        foreach ($rowCount === null ? range(1, RowPlan::MOST_ROWS) : [$rowCount] as $count) {
            $rows = RowPlan::of($people, $count, $isOnSteps);
            $isNarrow = $rows->widest() <= self::MOST_IN_A_ROW;
            foreach ($focals as $focal) {
                $distance = $rows->distanceM($focal, self::SENSOR_MM);
                $fits = $roomM === null || $distance <= $roomM;
                $rank = [
                    $fits ? 0 : 1,
                    $isNarrow ? 0 : 1,
                    count($rows->fanned($distance)->hidden($distance)),
                    $focal >= self::KIND_FROM_MM ? 0 : 1,
                    count($rows->rows),
                    $fits ? -min($focal, 85) : $distance,
                ];
                if ($best[0] === [PHP_INT_MAX] || $rank < $best[0]) {
                    $best = [$rank, $rows, $focal, $distance, $fits];
                }
            }
        }
        [, $rows, $focal, $distance, $fits] = $best;
        $rows = $rows->fanned($distance);
        $focus = RowsFocus::of($focal, self::COC_MM, $rows->rowDistances($distance), $widest);
        $sway = Sway::of($people, $focal, $distance, self::COC_MM);
        $start = $focus->fNumber === null ? null : ClearSky::startingExposure($ev100, $focus->fNumber, max(self::SHUTTER, $sway->slowest));
        // In the dark the shutter may be as slow as the people who stand there allow.
        if ($start !== null && $start->iso > self::GRAINY_ISO) {
            $start = ClearSky::startingExposure($ev100, (float) $focus->fNumber, $sway->slowest);
        }

        return new self(
            $rows,
            $focal,
            round($distance, 1),
            $focus,
            $start->iso ?? null,
            $start->shutter ?? null,
            $fits,
            $roomM,
            $ev100,
            Pace::frames(count($people)),
            $widest,
            $sway,
        );
    }

    public function verdicts(): Verdicts
    {
        $rows = count($this->rows->rows);
        $depth = ($rows - 1) * RowPlan::ROW_M;
        $width = round($this->rows->widthM(), 1);
        $verdicts = [];
        if (! $this->fits) {
            $verdicts[] = Verdict::stop(
                'people.no-room',
                'The group does not fit: there is no room to step back.',
                "In {$rows} rows it is {$width} m wide, at {$this->focalMm} mm that wants {$this->distanceM} m, and there ".
                    "are {$this->roomM}. Use steps, more rows, a shorter lens, or another spot.",
                ['distance_m' => $this->distanceM, 'room_m' => $this->roomM],
            );
        } else {
            $finding = "{$this->focalMm} mm from {$this->distanceM} m holds all.";
            $because = "{$rows} ".($rows === 1 ? 'row' : 'rows').", {$width} m wide with a tenth to spare at each side";
            $figures = ['distance_m' => $this->distanceM];
            $verdicts[] =
                $this->roomM === null
                    ? Verdict::mind('people.room-unknown', $finding, "{$because}; how much room there is nobody has said.", $figures)
                    : Verdict::fine(
                        'people.room',
                        $finding,
                        "{$because}; there are {$this->roomM} m.",
                        Looked::one("{$this->distanceM} m against {$this->roomM} m"),
                        $figures,
                    );
        }
        if ($this->focus->fNumber === null) {
            $verdicts[] = Verdict::fix(
                'people.soft',
                'The back row goes soft at any stop.',
                "The rows are {$depth} m deep, and f/22 at {$this->focalMm} mm does not hold them: step back with a shorter lens, or ".
                    'make fewer rows.',
            );
        } else {
            $behind = round($this->focus->focusM - $this->distanceM, 2);
            $where = $rows === 1 ? 'Focus on the row' : 'Focus '.round(100 * $behind).' cm behind the front row';
            $verdicts[] = Verdict::mind(
                'people.focus',
                "{$where}, and use f/{$this->focus->fNumber}.",
                $rows === 1
                    ? 'One row in one plane may be shot wide open; f/'.$this->focus->fNumber.' is as wide as the lens goes.'
                    : "The rows are {$depth} m deep; focused there, f/{$this->focus->fNumber} holds from ".
                        round((float) $this->focus->nearM, 2).
                        ' to '.
                        ($this->focus->farM === null ? 'the horizon' : round($this->focus->farM, 2).' m').
                        ($this->focus->fNumber > $this->widest
                            ? ', and a third of a stop wider would not.'
                            : '; wider the lens does not go.'),
                ['f_number' => $this->focus->fNumber, 'focus_m' => $this->focus->focusM],
            );
            $verdicts[] = $this->light((int) $this->shutter);
        }
        foreach (array_slice($this->rows->hidden($this->distanceM), 0, 3) as $hidden) {
            $verdicts[] = Verdict::fix(
                'people.hidden',
                "{$hidden->who} stands behind {$hidden->behind}.",
                'Neither beside nor above that head runs a free line to the lens: shift half a place, or use steps.',
            );
        }
        $verdicts[] = Verdict::mind(
            'people.frames',
            "Take {$this->frames} frames.",
            'So that in 95 of 100 cases one holds all eyes open; one more if a trigger fails.',
            ['frames' => $this->frames],
        );

        return new Verdicts($verdicts);
    }

    private function light(int $shutter): Verdict
    {
        $at = "At EV {$this->ev100} and f/{$this->focus->fNumber}.";
        $figures = ['iso' => $this->iso, 'shutter' => $shutter, 'slowest' => $this->sway->slowest];

        return match (true) {
            $this->iso > self::GRAINY_ISO => Verdict::fix(
                'people.dark',
                "That costs ISO {$this->iso} at 1/{$shutter} s, and slower people smear.",
                "{$at} {$this->sway->why($shutter)} Bring light, or make fewer rows.",
                $figures,
            ),
            $shutter < self::SHUTTER => Verdict::mind(
                'people.slow',
                "ISO {$this->iso} at 1/{$shutter} s: ask everybody to hold still.",
                "{$at} At 1/".self::SHUTTER.' s it would be beyond ISO '.self::GRAINY_ISO.". {$this->sway->why($shutter)}",
                $figures,
            ),
            default => Verdict::fine(
                'people.light',
                "ISO {$this->iso} at 1/{$shutter} s.",
                "{$at} {$this->sway->why($shutter)} Not slower than 1/{$this->sway->slowest} s.",
                Looked::one("EV {$this->ev100} at f/{$this->focus->fNumber}"),
                $figures,
            ),
        };
    }
}
