<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/** The frame as the camera of a setup sees it, aimed at the subject: what stands in it that should not. Full frame, 36 by 24 mm, level. */
final readonly class FrameEdge
{
    private function __construct(private float $distanceM, private float $heightM, private float $subjectM, private float $focalMm) {}

    /** Null where no camera stands in the setup, or its lens is not known. */
    public static function of(SetupLight $light): ?self
    {
        foreach ($light->pieces as $piece) {
            if ($piece->kind === SetKind::Camera && $piece->focalMm !== null && $piece->distanceM > 0) {
                return new self($piece->distanceM, $piece->heightM ?? $light->subjectHeightM(), $light->subjectHeightM(), $piece->focalMm);
            }
        }

        return null;
    }

    /** Metres by which the middle of a piece stands inside the nearest edge; null where it stands outside, or its height is not known. */
    public function insideM(SetPiece $piece): ?float
    {
        $away = $this->distanceM - $piece->towardsM();
        if ($away <= 0 || $piece->heightM === null) {
            return null;
        }
        $axis = $this->heightM + ($this->subjectM - $this->heightM) * $away / $this->distanceM;
        $sides = $away * 18 / $this->focalMm - abs($piece->rightM());
        $above = $away * 12 / $this->focalMm - abs($piece->heightM - $axis);

        return $sides > 0 && $above > 0 ? min($sides, $above) : null;
    }
}
