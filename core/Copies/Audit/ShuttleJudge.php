<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** A drive that was given to somebody: is it back in time, and is what came back still what went? */
final class ShuttleJudge
{
    /**
     * @param  string  $dueOn  and today: days of the calendar
     * @param  int|null  $backAt  Unix seconds; null while it is away
     * @param  int|null  $verifiedAt  when its bags were last verified, after it came back or before
     * @return list<Verdict>
     */
    public static function of(string $drive, string $who, string $dueOn, string $today, ?int $backAt, ?int $verifiedAt): array
    {
        if ($backAt === null) {
            $days = (int) round((strtotime($today) - strtotime($dueOn)) / 86400);

            return $days > 0
                ? [Verdict::fix('shuttle.overdue', "{$drive} is not back.", "{$who} has had it, and it was due back {$dueOn}: {$days} ".($days === 1 ? 'day' : 'days').' ago. Ask for it before the other copies are all there is.', ['days' => $days])]
                : [Verdict::mind('shuttle.away', "{$drive} is with {$who}.", "Due back {$dueOn}. Until then its copies count as elsewhere, and nothing is copied to it.")];
        }

        return $verifiedAt !== null && $verifiedAt >= $backAt ? []
            : [Verdict::fix('shuttle.came-back', "{$drive} came back, and nobody has read it since.", 'Drives fall, are plugged into other machines and get tidied up: verify it before it counts.', [], new Remedy('copy.verify', 'Verify again'))];
    }
}
