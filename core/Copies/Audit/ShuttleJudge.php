<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** A drive that was given to somebody: is it back in time, and is what came back still what went? */
final class ShuttleJudge
{
    /**
     * @param  string  $dueOn  and today: days of the calendar
     * @param  int  $unread  of its bags, those that were not verified since it came back
     * @param  int  $bags  all that lay verified there when it went
     * @return list<Verdict>
     */
    public static function of(string $drive, string $who, string $dueOn, string $today, bool $isBack, int $unread, int $bags): array
    {
        if (! $isBack) {
            $days = (int) round((strtotime($today) - strtotime($dueOn)) / 86400);

            return $days > 0
                ? [
                    Verdict::fix(
                        'shuttle.overdue',
                        "{$drive} is not back.",
                        "{$who} has had it, and it was due back {$dueOn}: {$days} ".
                            Plural::of($days, 'day', 'days').
                            ' ago. Ask for it before the other copies are all there is.',
                        ['days' => $days],
                    ),
                ]
                : [
                    Verdict::mind(
                        'shuttle.away',
                        "{$drive} is with {$who}.",
                        "Due back {$dueOn}. Until then its copies count as elsewhere, and nothing is copied to it.",
                    ),
                ];
        }

        if ($unread === 0) {
            return [];
        }
        $what =
            $unread === $bags
                ? 'nobody has read it since'
                : "{$unread} of its {$bags} bags ".Plural::of($unread, 'was', 'were').' not read since';

        return [
            Verdict::fix(
                'shuttle.came-back',
                "{$drive} came back, and {$what}.",
                'Drives fall, are plugged into other machines and get tidied up: until a bag is verified again it counts as no copy, '.
                    'and no card may be formatted for it.',
                ['unread' => $unread],
                new Remedy('copy.verify', 'Verify again'),
            ),
        ];
    }
}
