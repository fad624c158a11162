<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/** What a line says of the play of a sport: a minute of it, or a moment that happens while it runs (common practice, no source). */
final class PlayMinute
{
    private const MINUTE = '/\b(?:minute|min\.?)\s+(\d{1,3})\b|\b(\d{1,3})\.?(?:st|nd|rd|th)?\s+minute(?: of (?:the )?(?:play|game|match))?\s*$|'.
        '\b(\d{1,3})(?:st|nd|rd|th)\s+minute\b|(?<![\p{L}\d])(\d{1,3})[\'′](?!\w)/iu';

    private const MOMENT = '/\b(?:goals?|penalt(?:y|ies)|saves?|tackles?|tr(?:y|ies)|scor(?:es?|ing|ed)|corners?|free kicks?|fouls?|blocks?|'.
        'dunks?|duels?|headers?|kick-?off|time-?outs?|throw-?offs?|face-?offs?|rebounds?|serves?|spikes?|catch(?:es)?|counter-?attacks?|'.
        '(?:red|yellow) cards?|substitutions?|shoot-?outs?|winn(?:ing|er)|equali[sz]er|action|sprint|overtaking|finish(?: line)?|final whistle)\b/iu';

    private const LATE = '/\b(?:winn(?:ing|er)|decid(?:ing|er)|final whistle|last minutes?|finish(?: line)?)\b/iu';

    /** From 1; null where none is named. */
    public static function in(string $line): ?int
    {
        if (preg_match(self::MINUTE, $line, $found) !== 1) {
            return null;
        }

        return max(1, (int) implode('', array_slice($found, 1)));
    }

    public static function isMoment(string $line): bool
    {
        return preg_match(self::MOMENT, $line) === 1;
    }

    /** Whether it is told at the end. */
    public static function isLate(string $line): bool
    {
        return preg_match(self::LATE, $line) === 1;
    }

    /**
     * The segment in which that minute of the play falls; those that run side by side count once.
     *
     * @param  array<int, SegmentShots>  $segments  by id, in the order of time
     */
    public static function segment(int $minute, array $segments): ?int
    {
        $played = 0;
        $until = null;
        foreach ($segments as $id => $segment) {
            if (! $segment->isPlay || $segment->from === null || $segment->to === null || ($until !== null && $segment->from < $until)) {
                continue;
            }
            $played += $segment->to - $segment->from;
            $until = $segment->to;
            if ($minute <= $played) {
                return $id;
            }
        }

        return null;
    }

    /**
     * The last segment in which something is played.
     *
     * @param  array<int, SegmentShots>  $segments  by id, in the order of time
     */
    public static function last(array $segments): ?int
    {
        return array_key_last(array_filter($segments, static fn (SegmentShots $s): bool => $s->isPlay));
    }
}
