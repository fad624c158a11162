<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Drawing\Depth;

/** The group drawn from above, the camera at the bottom, and from the front. */
final readonly class RowDrawing
{
    public const WIDTH = 640.0;

    public const HEIGHT = 420.0;

    private const MIDDLE = 320.0;

    private const CAMERA_Y = 400.0;

    private const BACK_Y = 40.0;

    private const FOOT_Y = 360.0;

    /** Of the front drawing: where they stand, and room for a name above a head. */
    private const GROUND_Y = 260.0;

    private const NAME_PX = 32.0;

    private const LINE_PX = 12.0;

    private const BELOW_PX = 20.0;

    /** What is seen of an infant in somebody's arms. */
    private const HELD_M = 0.55;

    /** Of the ground before the front row so much is drawn. */
    private const BEFORE_M = 1.6;

    private float $across;

    private float $along;

    /** @var array<string, string> by name, as it stands beside a head */
    private array $labels;

    /** @var array<string, int> by name, the place within the row */
    private array $placeOf;

    public function __construct(private GroupSetup $setup)
    {
        $all = [...array_merge(...$setup->rows->rows), ...$setup->rows->held];
        $this->labels = ShortNames::of(array_map(static fn (Place $p): string => $p->name, $all));
        $placeOf = [];
        foreach ($setup->rows->rows as $row) {
            foreach ($row as $at => $place) {
                $placeOf[$place->name] = $at;
            }
        }
        $this->placeOf = $placeOf;
        $depth = (count($setup->rows->rows) - 1) * RowPlan::ROW_M;
        $this->across = (self::WIDTH - 40) / max(2.0, $setup->rows->widthM());
        $this->along = (self::FOOT_Y - self::BACK_Y) / ($depth + min(self::BEFORE_M, $setup->distanceM) + 0.4);
    }

    /** Where the camera is, below the drawing as a rule. */
    public function cameraY(): float
    {
        return $this->y(0);
    }

    /**
     * @return list<Sight> as far in front of a head as the drawing reaches:
     * where its line to the lens leaves it
     */
    public function sights(): array
    {
        $sights = [];
        foreach ($this->heads() as $head) {
            $share = min(1.0, (self::CAMERA_Y - $head->y) / max(1.0, $this->cameraY() - $head->y));
            $sights[] = new Sight(
                name: $head->name,
                x: $head->x,
                y: $head->y,
                toX: round($head->x + (self::MIDDLE - $head->x) * $share, 1),
                toY: round($head->y + ($this->cameraY() - $head->y) * $share, 1),
            );
        }

        return $sights;
    }

    /** @return list<Head> from above */
    public function heads(): array
    {
        $heads = [];
        foreach ([...array_reverse($this->setup->rows->rows), $this->setup->rows->held] as $row) {
            foreach ($row as $place) {
                $y = $this->y($this->setup->distanceM + $place->depthM);
                $heads[] = new Head(
                    name: $place->name,
                    x: round(self::MIDDLE + $place->x * $this->across, 1),
                    y: $y,
                    label: $this->labels[$place->name],
                    // An infant's name stands below, for that of who holds it is above.
                    labelY: $place->heldBy === null ? $y - 12 - $this->lift($place) : $y + self::BELOW_PX,
                );
            }
        }

        return $heads;
    }

    /** @return Depth|null what is sharp */
    public function sharp(): ?Depth
    {
        $focus = $this->setup->focus;
        if ($focus->nearM === null) {
            return null;
        }
        $top = $focus->farM === null ? 0.0 : max(0.0, $this->y($focus->farM));

        return new Depth(y: $top, height: round(min(self::CAMERA_Y, $this->y($focus->nearM)) - $top, 1));
    }

    public function focusY(): float
    {
        return $this->y($this->setup->focus->focusM);
    }

    /**
     * @return list<Front> from the front, the back row first; y is the top of the
     * head
     */
    public function front(): array
    {
        $perM = $this->perM();
        $faces = [];
        foreach ([...array_reverse($this->setup->rows->rows), $this->setup->rows->held] as $row) {
            foreach ($row as $place) {
                $y = round(self::GROUND_Y - $place->topM * $perM, 1);
                $faces[] = new Front(
                    name: $place->name,
                    x: round(self::MIDDLE + $place->x * $perM, 1),
                    y: $y,
                    bodyHeight: $place->heldBy === null ? round(self::GROUND_Y - $y, 1) : round(self::HELD_M * $perM, 1),
                    label: $this->labels[$place->name],
                    labelY: $y - 3 - $this->lift($place),
                );
            }
        }

        return $faces;
    }

    /** A head's size in the front drawing. */
    public function headPx(): float
    {
        return round($this->perM() * 0.1, 1);
    }

    /** Of the front drawing: all abreast, and the tallest with a name above. */
    private function perM(): float
    {
        $tallest = max([1.0, ...array_map(static fn (Place $p): float => $p->topM, array_merge(...$this->setup->rows->rows))]);

        return min((self::WIDTH - 60) / max(4.0, $this->setup->rows->widthM()), (self::GROUND_Y - self::NAME_PX) / $tallest);
    }

    /** Every other name of a row stands a line higher, so that neighbours can be read. */
    private function lift(Place $place): float
    {
        return ($this->placeOf[$place->name] ?? 0) % 2 === 1 ? self::LINE_PX : 0.0;
    }

    private function y(float $distanceM): float
    {
        $front = self::FOOT_Y - min(self::BEFORE_M, $this->setup->distanceM) * $this->along;

        return round($front - ($distanceM - $this->setup->distanceM) * $this->along, 1);
    }
}
