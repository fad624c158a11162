<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\Ownership;
use NorthSatchel\Plural;
use NorthSatchel\Verdict;

/** What goes back to whom by when (M20). */
final class DueJudge
{
    private const SOON_DAYS = 7;

    /**
     * @param  list<Gear>  $shelf
     * @param  string  $today  YYYY-MM-DD
     * @param  string|null  $jobOn  the day of a job that wants it, YYYY-MM-DD
     * @return list<Verdict>
     */
    public static function of(array $shelf, string $today, ?string $jobOn = null): array
    {
        $verdicts = [];
        foreach ($shelf as $gear) {
            if ($gear->ownership === Ownership::Owned) {
                continue;
            }
            $from = $gear->fromWhom ?? 'somebody';
            $word = $gear->ownership === Ownership::Hired ? 'hired from' : 'borrowed from';
            if ($gear->dueOn === null) {
                $verdicts[] = Verdict::mind('kit.due', "When is {$gear->label} due back?", "It is {$word} {$from}, without a day.");

                continue;
            }
            $days = self::days($today, $gear->dueOn);
            if ($days < 0) {
                $verdicts[] = Verdict::fix(
                    'kit.due',
                    "{$gear->label} is overdue.",
                    "It was due back to {$from} on {$gear->dueOn}, ".abs($days).Plural::of(abs($days), ' day', ' days').' ago'.
                        ($jobOn === null ? '.' : ", and the job is on {$jobOn}: ask for longer, or take another."),
                    ['days' => $days],
                );
            } elseif ($jobOn !== null && $gear->dueOn < $jobOn) {
                $verdicts[] = Verdict::fix(
                    'kit.due',
                    "{$gear->label} is due back before the job.",
                    "It is {$word} {$from} until {$gear->dueOn}, and the job is on {$jobOn}: ask for longer, or take another.",
                    ['days' => $days],
                );
            } elseif ($days <= self::SOON_DAYS) {
                $verdicts[] = Verdict::mind(
                    'kit.due',
                    "{$gear->label} goes back to {$from} on {$gear->dueOn}.",
                    $days === 0 ? 'That is today.' : "In {$days} ".Plural::of($days, 'day.', 'days.'),
                    ['days' => $days],
                );
            }
        }

        return $verdicts;
    }

    public static function days(string $from, string $to): int
    {
        return (int) (new \DateTimeImmutable($from))->diff(new \DateTimeImmutable($to))->format('%r%a');
    }
}
