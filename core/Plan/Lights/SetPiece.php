<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/**
 * A light, a card, a flag, the background or the camera as it stands around the subject: measured along the floor, and the angle around
 * the subject from the camera, to the right as the camera sees it; to the left below 0.
 */
final readonly class SetPiece
{
    /**
     * @param  float|null  $power  share of full, above 0 to 1; null where nobody said
     * @param  float|null  $energyWs  of full power
     * @param  float|null  $sizeCm  across
     * @param  float  $lossStops  what its modifier takes
     */
    public function __construct(
        public string $name,
        public SetKind $kind,
        public float $distanceM,
        public float $angleDeg = 0,
        public ?float $heightM = null,
        public ?float $power = null,
        public ?float $energyWs = null,
        public ?float $sizeCm = null,
        public float $lossStops = 0,
        public bool $isBoom = false,
        public string $modifier = '',
        /** Of the camera's lens. */
        public ?float $focalMm = null,
        /** It is meant to stand in the picture. */
        public bool $isSeen = false,
        /** The size as it was typed: “60 × 90 cm”. */
        public string $size = '',
    ) {}

    public function whereSays(): string
    {
        return $this->kind === SetKind::Subject ? '' : number_format($this->distanceM, 2).' m, '.$this->aroundSays();
    }

    public function aroundSays(): string
    {
        $angle = round(abs($this->angleDeg));

        return match (true) {
            $angle <= 0 => 'from the camera',
            $angle >= 180 => 'behind',
            default => "{$angle}° ".($this->angleDeg < 0 ? 'left' : 'right'),
        };
    }

    /** Its power, its modifier, and how large it looks from the subject. */
    public function lightSays(float $subjectHeightM): string
    {
        $power = $this->power === null ? '' : ($this->power >= 1 ? 'full power' : '1/'.round(1 / $this->power).' power');
        $size = $this->apparentDeg($subjectHeightM);

        return implode(', ', array_filter([
            $power,
            $this->focalMm === null ? '' : round($this->focalMm).' mm',
            $this->modifier,
            $size === null ? '' : round($size).'° across',
        ]));
    }

    /** To the right of the subject as the camera sees it, metres. */
    public function rightM(): float
    {
        return $this->distanceM * sin(deg2rad($this->angleDeg));
    }

    /** Towards the camera, metres; behind the subject below 0. */
    public function towardsM(): float
    {
        return $this->distanceM * cos(deg2rad($this->angleDeg));
    }

    /** Metres from it to a point of the subject so high above the floor. */
    public function reachM(float $subjectHeightM): float
    {
        return hypot($this->distanceM, ($this->heightM ?? $subjectHeightM) - $subjectHeightM);
    }

    /** How large it looks from there, degrees across; null where its size is not known. */
    public function apparentDeg(float $subjectHeightM): ?float
    {
        return $this->sizeCm === null ? null : rad2deg(2 * atan($this->sizeCm / 200 / max(0.01, $this->reachM($subjectHeightM))));
    }

    /**
     * What it gives at the subject in stops, against any other whose numbers are known alike: the inverse square of the distance, its
     * power, what its modifier takes. Null where its power is not known.
     */
    public function stops(float $subjectHeightM): ?float
    {
        return $this->power === null
            ? null
            : log($this->power * ($this->energyWs ?? 1), 2) - 2 * log(max(0.01, $this->reachM($subjectHeightM)), 2) - $this->lossStops;
    }

    /** Degrees between the directions from which two of them look at their subjects, the other's as high where nothing else is said. */
    public function turnFrom(self $other, float $subjectHeightM, ?float $otherSubjectM = null): float
    {
        $way = static function (self $piece, float $subjectHeightM): array {
            $up = ($piece->heightM ?? $subjectHeightM) - $subjectHeightM;
            $reach = max(0.01, $piece->reachM($subjectHeightM));

            return [$piece->rightM() / $reach, $piece->towardsM() / $reach, $up / $reach];
        };
        [$a, $b] = [$way($this, $subjectHeightM), $way($other, $otherSubjectM ?? $subjectHeightM)];

        return rad2deg(acos(max(-1.0, min(1.0, $a[0] * $b[0] + $a[1] * $b[1] + $a[2] * $b[2]))));
    }
}
