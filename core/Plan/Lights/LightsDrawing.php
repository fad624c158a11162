<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

use NorthSatchel\Drawing\Labels;
use NorthSatchel\Drawing\NamedPoint;
use NorthSatchel\Drawing\PlacedMark;

/** The light of a setup to scale, from above and from the side, and what is other in a second one drawn over it. */
final readonly class LightsDrawing
{
    public const WIDTH = 480.0;

    public const HEIGHT = 360.0;

    private const MARGIN = 42.0;

    private const TEXT = 13.0;

    private const SUBJECT = 10.0;

    /** What the measure below takes. */
    private const RULER = 24.0;

    /** Units of the drawing a metre. */
    public float $scale;

    /** @var list<DrawnPiece> */
    public array $above;

    /** @var list<DrawnPiece> */
    public array $side;

    /** Where the subject stands from above, and its floor from the side. */
    public float $subjectY;

    public float $subjectX;

    public float $floorY;

    public function __construct(public SetupLight $light, ?SetupLight $other = null)
    {
        $all = [...$light->pieces, ...$other === null ? [] : $other->pieces];
        $right = max(1.0, ...array_map(static fn (SetPiece $p): float => abs($p->rightM()), $all));
        $front = max(0.6, ...array_map(static fn (SetPiece $p): float => $p->towardsM(), $all));
        $back = max(0.6, ...array_map(static fn (SetPiece $p): float => -$p->towardsM(), $all));
        $high = max(1.6, ...array_map(static fn (SetPiece $p): float => $p->heightM ?? 0.0, $all));
        $room = static fn (float $size): float => $size - 2 * self::MARGIN;
        $this->scale = min(
            $room(self::WIDTH) / (2 * $right),
            $room(self::HEIGHT) / ($front + $back),
            $room(self::WIDTH) / ($front + $back),
            $room(self::HEIGHT) / $high,
        );
        $this->subjectY = self::MARGIN + $back * $this->scale + ($room(self::HEIGHT) - ($front + $back) * $this->scale) / 2;
        $this->subjectX = self::MARGIN + $front * $this->scale + ($room(self::WIDTH) - ($front + $back) * $this->scale) / 2;
        $this->floorY = self::HEIGHT - self::MARGIN;
        $this->above = [...$this->drawn($light, $other, true), ...$other === null ? [] : $this->drawn($other, $light, true, true)];
        $this->side = [...$this->drawn($light, $other, false), ...$other === null ? [] : $this->drawn($other, $light, false, true)];
    }

    /** @return list<PlacedMark> what each piece is called; of the second light the first one's names do */
    public function names(bool $isAbove): array
    {
        $pieces = array_values(array_filter($isAbove ? $this->above : $this->side, static fn (DrawnPiece $p): bool => ! $p->isSecond));
        $points = array_map(static fn (DrawnPiece $p): NamedPoint => new NamedPoint($p->piece->name, $p->x, $p->y), $pieces);
        // Nothing is written over the subject.
        $subject = $isAbove
            ? new NamedPoint('', self::WIDTH / 2, $this->subjectY)
            : new NamedPoint('', $this->subjectX, $this->floorY - $this->light->subjectHeightM() * $this->scale / 2);
        $reach = $isAbove ? self::SUBJECT : $this->light->subjectHeightM() * $this->scale / 2;
        $names = Labels::beside(
            [...$points, $subject],
            [...array_map(static fn (DrawnPiece $p): float => $p->reach(), $pieces), $reach],
            self::TEXT,
            self::WIDTH,
            self::HEIGHT - self::RULER,
        );

        return array_slice($names, 0, -1);
    }

    /** @return list<DrawnPiece> of the second one only what is other */
    private function drawn(SetupLight $light, ?SetupLight $other, bool $isAbove, bool $isSecond = false): array
    {
        $drawn = [];
        foreach ($light->pieces as $piece) {
            $twin = $other?->piece($piece->name);
            $isAlike = $twin !== null && (new PieceDifference($twin, $piece, $light->subjectHeightM(), $light->subjectHeightM()))->says() === '';
            if ($piece->kind === SetKind::Subject || ($isSecond && $isAlike)) {
                continue;
            }
            $height = $piece->heightM ?? $light->subjectHeightM();
            [$x, $y] = $isAbove
                ? [self::WIDTH / 2 + $piece->rightM() * $this->scale, $this->subjectY + $piece->towardsM() * $this->scale]
                : [$this->subjectX - $piece->towardsM() * $this->scale, $this->floorY - $height * $this->scale];
            [$toX, $toY] = $isAbove
                ? [self::WIDTH / 2, $this->subjectY]
                : [$this->subjectX, $this->floorY - $light->subjectHeightM() * $this->scale];
            $size = max(8.0, ($piece->sizeCm ?? 0) / 100 * $this->scale);
            $drawn[] = new DrawnPiece($piece, $x, $y, $toX, $toY, $size, rad2deg(atan2($toY - $y, $toX - $x)), $isSecond);
        }

        return $drawn;
    }
}
