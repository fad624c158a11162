<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;
use NorthSatchel\Time\Span;

/** What every job needs, whatever its plan. */
final class AlwaysNeeds
{
    private const LONG_JOB_H = 8;

    /** @return list<Need> */
    public static function always(float $hours, int $days): array
    {
        $needs = [
            new Need(
                'reader',
                NeedWhat::Reader,
                1,
                Priority::Must,
                true,
                'a card reader',
                'Cards are copied by reader, not from the camera.',
            ),
            new Need(
                'drive',
                NeedWhat::Drive,
                1,
                Priority::Must,
                true,
                'a drive',
                'Two verified copies before a card may be formatted, so two drives; with one of them gone the cards stay as they are.',
            ),
        ];
        if ($hours >= self::LONG_JOB_H || $days > 1) {
            $needs[] = new Need(
                'charger',
                NeedWhat::Charger,
                1,
                $days > 1 ? Priority::Must : Priority::Should,
                false,
                'a charger',
                $days > 1
                    ? "{$days} days: cells are charged in between."
                    : 'A day of '.Span::hours((int) round(60 * $hours)).': cells are charged in between.',
            );
        }

        return $needs;
    }
}
