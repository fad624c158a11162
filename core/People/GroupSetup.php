<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** A group at a spot: rows, lens, distance against the room there is, where to focus and how far to stop down, and what that costs. */
final readonly class GroupSetup
{
    /** Shorter lenses widen who stands at the ends (common practice, no source). */
    private const KIND_FROM_MM = 50;

    /** From farther off a group no longer hears one speak (common practice, no source). */
    private const VOICE_M = 10.0;

    /** The shutter where there is light enough: a turned head shows no longer (common practice, no source). */
    public const SHUTTER = 200;

    private const MOST_IN_A_ROW = 12;

    /** Circle of confusion of the full format. */
    public const COC_MM = StandLens::PRINT_MM;

    private function __construct(
        public RowPlan $rows,
        public StandLens $lens,
        public float $distanceM,
        public GroupStop $focus,
        public ?int $iso,
        /** As its denominator. */
        public ?int $shutter,
        public bool $fits,
        public ?float $roomM,
        public float $ev100,
        public int $frames,
        private Sway $sway,
    ) {}

    /**
     * The fewest rows and the longest kind lens that the room behind the camera allows.
     *
     * @param  list<Relative>  $people
     * @param  non-empty-list<StandLens>  $lenses  at hand
     * @param  float|null  $roomM  from the front row to where the photographer can step back; null: not known
     *
     * @throws ImpossibleValue
     */
    public static function best(
        array $people,
        array $lenses,
        ?float $roomM,
        float $ev100,
        bool $isOnSteps = false,
        ?int $rowCount = null,
    ): self {
        usort($lenses, static fn (StandLens $a, StandLens $b): int => [$b->focalMm, $a->widest] <=> [$a->focalMm, $b->widest]);
        $best = null;
        foreach ($rowCount === null ? range(1, RowPlan::MOST_ROWS) : [$rowCount] as $count) {
            $rows = RowPlan::of($people, $count, $isOnSteps);
            foreach ($lenses as $lens) {
                $distance = $rows->distanceM($lens->focalMm, $lens->sensorMm());
                $fits = $roomM === null || $distance <= $roomM;
                $rank = [
                    $fits ? 0 : 1,
                    $rows->widest() <= self::MOST_IN_A_ROW ? 0 : 1,
                    count($rows->fanned($distance)->hidden($distance)),
                    $lens->fullMm() >= self::KIND_FROM_MM ? 0 : 1,
                    $distance <= self::VOICE_M ? 0 : 1,
                    count($rows->rows),
                    $fits && $distance <= self::VOICE_M ? -min($lens->fullMm(), 85) : $distance,
                ];
                if ($best === null || $rank < $best[0]) {
                    $best = [$rank, $rows, $lens, $distance];
                }
            }
        }
        [, $rows, $lens, $distance] = $best;
        $rows = $rows->fanned($distance);
        $sway = Sway::of($people, $lens->focalMm, $distance, $lens->printMm());
        $focus = GroupStop::of($lens, $rows->rowDistances($distance), $ev100, self::SHUTTER, $sway->slowest);

        return new self(
            $rows,
            $lens,
            round($distance, 1),
            $focus,
            $focus->start->iso ?? null,
            $focus->start->shutter ?? null,
            $roomM === null || $distance <= $roomM,
            $roomM,
            $ev100,
            Pace::frames(count($people)),
            $sway,
        );
    }

    /**
     * Another number of rows, or steps, in which no face is hidden; null where there is none that fits.
     *
     * @param  list<Relative>  $people
     * @param  non-empty-list<StandLens>  $lenses
     *
     * @throws ImpossibleValue
     */
    public static function free(array $people, array $lenses, ?float $roomM, float $ev100): ?self
    {
        foreach ([false, true] as $isOnSteps) {
            foreach (range(1, RowPlan::MOST_ROWS) as $count) {
                $tried = self::best($people, $lenses, $roomM, $ev100, $isOnSteps, $count);
                if ($tried->fits && $tried->rows->hidden($tried->distanceM) === []) {
                    return $tried;
                }
            }
        }

        return null;
    }

    /** @param  Remedy|null  $unhide  that was tried */
    public function verdicts(?Remedy $unhide = null): Verdicts
    {
        $rows = count($this->rows->rows);
        $depth = ($rows - 1) * RowPlan::ROW_M;
        $width = round($this->rows->widthM(), 1);
        $verdicts = [];
        if (! $this->fits) {
            $verdicts[] = Verdict::stop(
                'people.no-room',
                'The group does not fit: there is no room to step back.',
                "In {$rows} rows it is {$width} m wide, with {$this->lens->name()} that wants {$this->distanceM} m, and there ".
                    "are {$this->roomM}. Use steps, more rows, a shorter lens, or another spot.",
                ['distance_m' => $this->distanceM, 'room_m' => $this->roomM],
            );
        } else {
            $finding = "{$this->lens->name()} from {$this->distanceM} m holds all.";
            $because = "{$rows} ".Plural::of($rows, 'row', 'rows').", {$width} m wide with a tenth to spare at each side";
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
                "The rows are {$depth} m deep, and f/22 with {$this->lens->name()} does not hold them: step back with a shorter lens, or ".
                    'make fewer rows.',
            );
        } else {
            $verdicts[] = $this->focus($rows);
            $verdicts[] = GroupLight::of($this, $this->sway);
        }
        $verdicts = [...$verdicts, ...$this->faces($unhide)];
        $verdicts[] = Verdict::mind(
            'people.frames',
            "Take {$this->frames} frames.",
            'So that in 95 of 100 cases one holds all eyes open; one more if a trigger fails.',
            ['frames' => $this->frames],
        );

        return new Verdicts($verdicts);
    }

    private function focus(int $rows): Verdict
    {
        $behind = (int) round(100 * ($this->focus->focusM - $this->distanceM));
        $depth = round(($rows - 1) * RowPlan::ROW_M, 1);
        $where = $rows === 1 || $behind < 1 ? 'Focus on the row' : "Focus {$behind} cm behind the front row";
        $because =
            Plural::of($rows, 'One row, and heads are no plane', "The rows are {$depth} m deep").
            ": at f/{$this->focus->fNumber} it is {$this->focus->margins()} on a print (".
            round($this->lens->printMm(), 3).
            ' mm); looked at 1:1 ('.
            round($this->lens->pixelMm(), 3).
            ' mm) '.
            ($this->focus->isSharpAtPixels ? 'all rows are sharp too' : 'the outer rows are a little soft').
            '. ';

        return Verdict::mind(
            'people.focus',
            "{$where}, and use f/{$this->focus->fNumber}.",
            $because.
                ($this->focus->bearsError
                    ? 'It bears focus that is off by '.round(100 * GroupStop::ERROR).' %.'
                    : 'It bears no error of focusing: there is no light for more depth. Focus twice.').
                ($this->lens->label === null ? ' No lens of the bag was looked at.' : ''),
            ['f_number' => $this->focus->fNumber, 'focus_m' => $this->focus->focusM],
        );
    }

    /** @return list<Verdict> faces that are hidden, and neighbours who are not to be */
    private function faces(?Remedy $unhide): array
    {
        $verdicts = [];
        $hidden = $this->rows->hidden($this->distanceM);
        foreach (array_slice($hidden, 0, 3) as $one) {
            $verdicts[] = Verdict::fix(
                'people.hidden',
                "{$one->who} stands behind {$one->behind}.",
                'Neither beside nor above that head runs a free line to the lens: '.
                    ($this->rows->isOnSteps ? 'make another number of rows.' : 'use steps, or another number of rows.'),
                ['hidden' => count($hidden)],
                $unhide,
            );
        }
        foreach ($this->rows->touching as $pair) {
            $verdicts[] = Verdict::fix(
                'people.beside',
                "{$pair->one} and {$pair->other} stand side by side.",
                'They are not to, and nobody is left to stand between: take them in two rows, or put somebody else into the group.',
            );
        }

        return $verdicts;
    }
}
