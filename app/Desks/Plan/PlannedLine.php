<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Plan\ShotLine;

/** A shot as the plan lists it, with the time that its segment gives it. */
final readonly class PlannedLine
{
    public function __construct(public ShotLine $line, public string $at, public bool $isDone = false) {}

    /** @return list<string> */
    public function facts(): array
    {
        $l = $this->line;

        return array_values(
            array_filter([
                $this->isDone ? 'shot already' : '',
                "{$l->minutes} min",
                "{$l->frames} frames",
                $l->focal_mm ? "{$l->focal_mm} mm" : '',
                $l->light ? "{$l->light} light" : '',
                $l->empty_percent ? "{$l->empty_percent} % left empty" : '',
                $l->cue ? "after {$l->cue}".($l->cue_seconds ? ", within {$l->cue_seconds} s" : '') : '',
                implode(', ', $l->people ?? []),
                $l->prompt ? "“{$l->prompt}”" : '',
                (string) $l->notes,
                $l->hidden_from ? 'hidden from '.implode(', ', $l->hidden_from) : '',
            ]),
        );
    }
}
