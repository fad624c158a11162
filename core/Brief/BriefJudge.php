<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Does the brief say who, where, and what must not be missed? */
final class BriefJudge
{
    /** @param  list<Verdict>  $zone  what was found of the time zone */
    public static function of(BriefFacts $brief, array $zone): Verdicts
    {
        $verdicts = $zone;
        if (! $brief->hasPoint) {
            $verdicts[] = Verdict::fix(
                'brief.no-coordinates',
                "{$brief->place} has no coordinates.",
                'Without them neither the sun nor the ways can be worked out.',
            );
        }
        if ($brief->named === 0) {
            $verdicts[] = Verdict::mind(
                'brief.nobody',
                'Nobody is named.',
                'Write down whom it is for, and who must be in the pictures: names on the day are asked for, not guessed.',
            );
        }
        if ($brief->mustHaves === 0) {
            $verdicts[] = Verdict::mind(
                'brief.no-must-haves',
                'No must-haves are written down.',
                'Ask the client what cannot be missed; it decides what is cut when the day runs late.',
            );
        }

        return new Verdicts($verdicts === [] ? [self::complete($brief)] : $verdicts);
    }

    private static function complete(BriefFacts $brief): Verdict
    {
        $when = match (true) {
            $brief->days > 0 => Plural::of($brief->days, 'tomorrow', "{$brief->days} days to go"),
            $brief->days === 0 => 'it is today',
            default => $brief->days === -1 ? 'it was yesterday' : abs($brief->days).' days ago',
        };

        return Verdict::fine(
            'brief.complete',
            'The brief says what is needed.',
            "Named: {$brief->named}; {$brief->place} is on the map; must-haves: {$brief->mustHaves}; {$when}.",
            Looked::one('who, where and what must not be missed'),
        );
    }
}
