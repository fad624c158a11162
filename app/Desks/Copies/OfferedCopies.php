<?php

declare(strict_types=1);

namespace App\Desks\Copies;

use App\Models\Brief\Job;
use App\Models\Kit\Card;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Copying is offered to where it brings what is missing: another disk, or one that sleeps elsewhere. */
final class OfferedCopies
{
    public function __construct(private readonly CopiesDesk $copies, private readonly NextCopy $next) {}

    public function of(Job $job, Card $card, Verdicts $findings): Verdicts
    {
        $row = collect($this->copies->grid($job))->last(static fn (GridRow $r): bool => $r->card->id === $card->id);

        return $row === null ? $findings : $findings->map(function (Verdict $v) use ($row): Verdict {
            $remedy = match (true) {
                $v->remedy?->action !== 'copy.start', $v->code === 'permit.unread' => null,
                $v->code === 'permit.elsewhere' => $this->next->elsewhere($row),
                default => $this->next->of($row),
            };

            return $remedy === null ? $v : $v->with($remedy, self::words($v, $remedy, $row));
        });
    }

    private static function words(Verdict $finding, Remedy $remedy, GridRow $row): string
    {
        return $remedy->action === 'folders.open' && $finding->code !== 'permit.elsewhere'
            ? ' '.ucfirst(CopiesFindings::sharing($row)).'.'
            : '';
    }
}
