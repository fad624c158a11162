<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Brief\Job;
use App\Models\Kit\Card;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Copying is offered where a drive is known that does not hold the load. */
final class OfferedCopies
{
    public function __construct(private readonly CopiesDesk $copies) {}

    public function of(Job $job, Card $card, Verdicts $findings): Verdicts
    {
        $row = collect($this->copies->grid($job))->first(static fn (GridRow $r): bool => $r->card->id === $card->id && $r->isEverywhere());

        return $row === null ? $findings : $findings->map(
            static fn (Verdict $v): Verdict => $v->remedy?->action === 'copy.start'
                ? $v->with(CopiesFindings::moreDrives(), ' It lies on every drive that is known; what shares a disk counts once.')
                : $v,
        );
    }
}
