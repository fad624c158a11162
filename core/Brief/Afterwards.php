<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What is still to be said of a phase once the day is over: what was planned for it cannot be mended any more. */
final class Afterwards
{
    /** What stays: things that are not home or are due back, and what a final picture lacks. */
    private const STAYS = ['home.', 'kit.due', 'elements.missing', 'elements.struck', 'elements.all-in'];

    /** @param  string  $date  of the job, as people read it */
    public static function of(Verdicts $before, string $date): Verdicts
    {
        if (count($before) === 0) {
            return $before;
        }
        $stays = array_values(array_filter(iterator_to_array($before, false), self::stays(...)));

        return new Verdicts([
            ...$stays,
            Verdict::mind(
                'brief.over',
                'The day is over: what was planned for it is judged no more.',
                "It was {$date} by the brief. If it is still to come, its date is wrong there.",
            ),
        ]);
    }

    private static function stays(Verdict $verdict): bool
    {
        return array_filter(self::STAYS, static fn (string $begin): bool => str_starts_with($verdict->code, $begin)) !== [];
    }
}
