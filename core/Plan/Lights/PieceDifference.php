<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/** One thing in two setups, or in one setup at two times: what changed. */
final readonly class PieceDifference
{
    /** Stops brighter at the subject; null where either power is not known. */
    public ?float $stops;

    /** Degrees between the two directions. */
    public float $turnDeg;

    /** How many times as large it looks; null where a size is not known. */
    public ?float $sizeTimes;

    public function __construct(public SetPiece $from, public SetPiece $to, float $fromSubjectM, float $toSubjectM)
    {
        $isAlike = ($from->energyWs === null) === ($to->energyWs === null);
        [$a, $b] = [$from->stops($fromSubjectM), $to->stops($toSubjectM)];
        $this->stops = $a === null || $b === null || ! $isAlike ? null : $b - $a;
        $this->turnDeg = $from->turnFrom($to, $fromSubjectM, $toSubjectM);
        [$a, $b] = [$from->apparentDeg($fromSubjectM), $to->apparentDeg($toSubjectM)];
        $this->sizeTimes = $a === null || $b === null ? null : $b / $a;
    }

    /** In words, what is other in the second; empty where nothing is, as far as it is known. */
    public function says(): string
    {
        $says = [
            $this->stops !== null && abs($this->stops) >= 0.05
                ? sprintf('%.1f stops %s', abs($this->stops), $this->stops > 0 ? 'brighter' : 'darker')
                : '',
            $this->turnDeg >= 0.5 ? sprintf('%d° away', round($this->turnDeg)) : '',
            $this->sizeTimes !== null && abs($this->sizeTimes - 1) >= 0.05 ? sprintf('looks %.1f times as large', $this->sizeTimes) : '',
            $this->from->modifier !== $this->to->modifier ? ($this->to->modifier ?: 'bare').' instead of '.($this->from->modifier ?: 'bare') : '',
        ];

        return implode(', ', array_filter($says));
    }

    /** What to do to the second so that it is as the first; empty where nothing is. */
    public function remedy(float $subjectM): string
    {
        $steps = [];
        if ($this->turnDeg >= 0.5) {
            $around = $this->from->aroundSays();
            $steps[] = match ($around) {
                'behind' => 'behind the subject',
                'from the camera' => 'to the camera',
                default => "to {$around}",
            };
            if ($this->from->heightM !== null) {
                $steps[] = sprintf('%.2f m high', $this->from->heightM);
            }
        }
        if (abs($this->from->distanceM - $this->to->distanceM) >= 0.02) {
            $steps[] = sprintf('%.2f m away', $this->from->distanceM);
        }
        // There it stands as the first does: what is left is its power.
        $left = $this->from->stops($subjectM);
        $there = (new SetPiece(
            $this->to->name,
            $this->to->kind,
            $this->from->distanceM,
            $this->from->angleDeg,
            $this->from->heightM ?? $this->to->heightM,
            $this->to->power,
            $this->to->energyWs,
            lossStops: $this->to->lossStops,
        ))->stops($subjectM);
        if ($this->stops !== null && $left !== null && $there !== null && abs($left - $there) >= 0.05) {
            $steps[] = sprintf('%.1f stops %s power', abs($left - $there), $left > $there ? 'more' : 'less');
        }

        return implode(', ', $steps);
    }
}
