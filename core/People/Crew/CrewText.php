<?php

declare(strict_types=1);

namespace NorthSatchel\People\Crew;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/**
 * Who is called, a group and below it a line each: "Runa Holt, stylist, 9:00 to 15:00, 070 123 45", "Mio, 14 years, guardian Ida Holt, 4 h at
 * most".
 */
final class CrewText
{
    private const MOST_LINES = 150;

    private const CALLED = '/^(?:call(?:ed)?\s+)?(?:at\s+|from\s+)?(\d{1,2}(?:[:.]\d\d(?:\s?[ap]m)?|\s?[ap]m))$/iu';

    private const AGE = '/^(\d{1,3})\s*(?:years?(?:\s+old)?|y\/?o|yrs?)$/iu';

    private const AT_MOST = '/^(?:at most|max\.?|up to|no more than)\s+(.+)$/iu';

    private const HOURS = '/^(?:from\s+)?(\S+(?:\s?[ap]m)?)\s*(?:to|–|-|until)\s*(\S+(?:\s?[ap]m)?)$/iu';

    /**
     * @return list<CrewMember>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $lines = TypedLines::of($text, 'crew', self::MOST_LINES);
        $top = $lines === [] ? 0 : min(array_map(static fn (TypedLine $l): int => $l->depth, $lines));
        $isNested = array_filter($lines, static fn (TypedLine $l): bool => $l->depth > $top) !== [];
        $group = 'Crew';
        $members = [];
        foreach ($lines as $at => $line) {
            $isAtTop = $isNested && $line->depth === $top;
            if ($isAtTop && ($lines[$at + 1]->depth ?? $top) > $top) {
                $group = rtrim($line->text, ': ');

                continue;
            }
            // Somebody who stands as far out as a group does is called all the same; one word alone may be either.
            if ($isAtTop && count($line->parts) === 1) {
                $line->refuse("nobody stands further in below “{$line->text}”: a group has people, and somebody has a role, Sam, driver");
            }
            $member = self::member($line, $group);
            $key = mb_strtolower($member->name);
            if (isset($members[$key])) {
                $line->refuse("“{$member->name}” is there already");
            }
            $members[$key] = $member;
        }

        return array_values($members);
    }

    /** @throws ImpossibleValue */
    private static function member(TypedLine $line, string $group): CrewMember
    {
        $roles = [];
        $from = $to = $age = $guardian = $most = null;
        $contact = '';
        foreach ($line->rest() as $part) {
            if (preg_match(self::HOURS, $part, $found) === 1 && self::clock($found[1]) !== null) {
                [$from, $to] = [self::clock($found[1]), self::clock($found[2]) ?? $line->refuse("“{$found[2]}” is no time")];
            } elseif (($said = TypedLine::said($part, self::CALLED)) !== null && self::clock($said) !== null) {
                $from = self::clock($said);
            } elseif (($said = TypedLine::said($part, self::AGE) ?? TypedLine::said($part, '/^aged?\s+(\d{1,3})$/iu')) !== null) {
                $age = (int) $said;
            } elseif (($said = TypedLine::said($part, '/^(?:with )?guardian\s*:?\s+(.+)$/iu')) !== null) {
                $guardian = $said;
            } elseif (($said = TypedLine::said($part, self::AT_MOST) ?? TypedLine::said($part, '/^(.+?)\s+(?:at most|max\.?)$/iu')) !== null) {
                $most = self::minutes($line, $said);
            } elseif (preg_match('/^\+?[\d\s()\/.-]{5,}$/', $part) === 1 || str_contains($part, '@')) {
                $contact = $part;
            } else {
                $roles[] = $part;
            }
        }
        if ($from !== null && $to !== null && $to <= $from) {
            $line->refuse('it ends before it begins: after midnight write 25:00');
        }

        return new CrewMember($group, $line->parts[0], implode(', ', $roles), $from, $to, $contact, $age, $guardian, $most);
    }

    private static function clock(string $typed): ?int
    {
        try {
            return ClockTime::of(ClockTime::asTyped(trim($typed)))->minutes;
        } catch (ImpossibleValue) {
            return null;
        }
    }

    /** @throws ImpossibleValue */
    private static function minutes(TypedLine $line, string $typed): int
    {
        try {
            return Span::ofHours($typed);
        } catch (ImpossibleValue) {
            return $line->refuse("“{$typed}” is no number of hours: 4 h at most");
        }
    }
}
