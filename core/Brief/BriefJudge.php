<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Does the brief say who, where, and what must not be missed? */
final class BriefJudge
{
    /** For what happens at an hour that is named (common practice, no source). */
    private const STAY_MINUTES = 30;

    private const LAST_MINUTE = 2 * 1440 - 1;

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
        if ($brief->mustHaves === []) {
            $verdicts[] = Verdict::mind(
                'brief.no-must-haves',
                'No must-haves are written down.',
                'Ask the client what cannot be missed; it decides what is cut when the day runs late.',
            );
        }

        array_push($verdicts, ...self::outside($brief));

        return new Verdicts($verdicts === [] ? [self::complete($brief)] : $verdicts);
    }

    /** @return list<Verdict> of must-haves whose hour nobody is booked for */
    private static function outside(BriefFacts $brief): array
    {
        $verdicts = [];
        foreach ($brief->mustHaves as $line) {
            $at = NamedHour::in($line, $brief->from, $brief->to);
            if ($at === null || ($at >= $brief->from && $at < $brief->to)) {
                continue;
            }
            $isLate = $at >= $brief->to;
            $covered = ClockTime::face($brief->from).' to '.ClockTime::face($brief->to);
            $until = min($isLate ? $at + self::STAY_MINUTES : $at, self::LAST_MINUTE);
            $verdicts[] = Verdict::fix(
                'brief.must-outside-hours',
                "“{$line}” comes ".($isLate ? 'after' : 'before').' the covered hours.',
                "Covered are {$covered}: ".
                    ($isLate ? Span::hours($until - $brief->to).' more, with half an hour for it' : Span::hours($brief->from - $at).' earlier').
                    '. Agree on it in writing, or ask for another hour.',
                ['minutes' => $isLate ? $until - $brief->to : $brief->from - $at],
                new Remedy(
                    'brief.hours',
                    ($isLate ? 'Cover until ' : 'Cover from ').ClockTime::face($until),
                    [$isLate ? 'covered_to' : 'covered_from' => ClockTime::ofMinutes($until)->text()],
                ),
            );
        }

        return $verdicts;
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
            "Named: {$brief->named}; {$brief->place} is on the map; must-haves: ".count($brief->mustHaves)."; {$when}.",
            Looked::one('who, where and what must not be missed'),
        );
    }
}
