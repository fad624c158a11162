<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

use NorthSatchel\Plan\Judge\Words;

/**
 * Which segment does a shot belong to? By its heading, else by the hour that it names, else by the words it shares with a segment and
 * the shots in it, else by the moments the trade knows by their words (common practice, no source); in a sport by the minute of the play.
 */
final class ShotPlacer
{
    private const SHORTEST_WORD = 4;

    private const HEADING = 100;

    private const PART = 50;

    private const TITLE = 10;

    private const MOMENT = 4;

    private const SHOT = 1;

    private const COMMON = [
        'with', 'from', 'their', 'they', 'them', 'that', 'this', 'into', 'over', 'before', 'after', 'both', 'each',
        'wide', 'tight', 'close', 'back', 'door', 'light', 'first', 'last', 'second', 'next', 'whole', 'full', 'good', 'nice', 'best', 'more',
        'when', 'while', 'during', 'until', 'there', 'other', 'some', 'every', 'must',
    ];

    /** What happens when the day ends (common practice, no source). */
    private const LAST = '/\b(?:last|final|end|ending|closing|close|farewell|goodbye|send-?off|leaving)\b/iu';

    /** What a part of a day is called, and words in the titles that it may have in the plan (common practice, no source). */
    private const PARTS = [
        [['reception', 'evening', 'party', 'dinner', 'breakfast'], ['dinner', 'reception', 'speech', 'dance', 'party', 'floor', 'meal']],
        [['couple', 'portrait', 'session', 'newlywed', 'bridal'], ['portrait', 'couple', 'the two']],
        [['formal', 'group', 'famil'], ['group', 'famil', 'formal']],
        [['ready', 'prep', 'morning', 'bridal suite'], ['ready', 'detail', 'prepar']],
        [['ceremony', 'church', 'chapel', 'vow', 'service'], ['ceremony', 'church', 'chapel', 'vow', 'service']],
        [['cocktail', 'drinks', 'canap', 'mingl'], ['congratulat', 'guest', 'drinks', 'mingl']],
        [['match', 'game', 'play', 'action'], ['half', 'quarter', 'period', 'match', 'game', 'race']],
    ];

    /** Words of a moment, and words in the title of a segment where it happens. */
    private const MOMENTS = [
        [
            [
                'ring', 'vow', 'kiss', 'aisle', 'veil', 'petal', 'confetti', 'altar', 'officiant', 'celebrant', 'registrar', 'register',
                'reading', 'procession', 'giving away', 'giving the bride', 'giving her away',
            ],
            ['ceremony', 'vow', 'church', 'chapel'],
        ],
        [['hug', 'receiving line', 'congratulat'], ['congratulat', 'receiving']],
        [['macro', 'flat lay', 'still life', 'invitation', 'stationery'], ['detail']],
        [['silhouette', 'the two', 'couple', 'newlyweds', 'sunset', 'golden hour'], ['portrait', 'couple', 'the two']],
        [['at sunset', 'golden hour'], ['portrait', 'couple', 'the two', 'sunset']],
        [
            ['dress', 'shoe', 'letter', 'makeup', 'make-up', 'hair', 'perfume', 'cufflink', 'robe', 'bouquet', 'necktie'],
            ['ready', 'detail', 'preparation'],
        ],
        [['tying', 'button', 'helping', 'getting into'], ['ready', 'preparation']],
        [['toss', 'garter'], ['dance', 'party', 'floor']],
        [['bouquet toss'], ['dance', 'party', 'floor']],
        [['speech', 'toast', 'cake', 'menu', 'glass'], ['dinner', 'speech', 'reception', 'meal']],
        [['dance', 'band', 'floor'], ['dance', 'party', 'floor']],
        [
            ['parent', 'grandm', 'grandf', 'grandp', 'grandc', 'grann', 'nan', 'sibling', 'cousin', 'aunt', 'uncle', 'nephew', 'niece', 'famil'],
            ['group', 'famil', 'formal'],
        ],
        [['table', 'place card', 'centrepiece'], ['room', 'table', 'empty']],
        [['podium', 'award', 'medal', 'trophy', 'applause', 'cup'], ['award', 'end', 'ceremony', 'programme', 'celebrat']],
        [['warm-up', 'lineup', 'line-up', 'mascot', 'toss', 'anthem', 'huddle'], ['warm', 'team']],
    ];

    /**
     * @param  array<int, SegmentShots>  $segments  by id, in the order of time
     * @param  int|null  $at  the hour that the shot names, in minutes since midnight: only what runs then can hold it
     * @return int|null the segment's id; null where nothing speaks for any
     */
    public static function place(string $what, ?string $under, array $segments, ?int $at = null): ?int
    {
        if ($at !== null && $under === null) {
            $segments = array_filter($segments, static fn (SegmentShots $s): bool => $s->runsAt($at));
            uasort($segments, static fn (SegmentShots $a, SegmentShots $b): int => $b->from <=> $a->from);
        }
        $minute = $at === null && $under === null ? PlayMinute::in($what) : null;
        $played = $minute === null ? null : PlayMinute::segment($minute, $segments);
        if ($played !== null) {
            return $played;
        }
        $last = PlayMinute::isLate($what) ? PlayMinute::last($segments) : null;
        // Of those that run at that hour the one that began last, where no words tell which.
        $best = $at !== null && $under === null ? array_key_first($segments) : null;
        $bestScore = 0;
        foreach ($segments as $id => $segment) {
            $score = self::score($what, $under, $segment) + ($id === $last ? 1 : 0);
            if ($score > $bestScore) {
                [$best, $bestScore] = [$id, $score];
            }
        }

        return $best;
    }

    public static function comesLast(string $what): bool
    {
        return preg_match(self::LAST, $what) === 1;
    }

    private static function score(string $what, ?string $under, SegmentShots $segment): int
    {
        $words = self::words($what);
        $title = self::words($segment->title);
        $score =
            self::TITLE * count(array_intersect($words, $title)) +
            self::SHOT * count(array_intersect($words, self::words(implode(' ', $segment->shots))));
        $score += $under === null ? 0 : self::underScore($under, $segment->title);
        $score += $segment->isPlay && PlayMinute::isMoment($what) ? self::MOMENT : 0;
        foreach (self::MOMENTS as [$of, $where]) {
            if (self::holds($what, $of) && self::holds($segment->title, $where)) {
                $score += self::MOMENT;
            }
        }

        return $score;
    }

    /** How well a heading names a segment: the same, in part, or by what the trade calls that part of a day. */
    private static function underScore(string $under, string $title): int
    {
        if (mb_strtolower($under) === mb_strtolower($title)) {
            return 2 * self::HEADING;
        }
        if (array_intersect(self::words($under), self::words($title)) !== []) {
            return self::HEADING;
        }
        foreach (self::PARTS as [$of, $where]) {
            if (self::holds($under, $of) && self::holds($title, $where)) {
                return self::PART;
            }
        }

        return 0;
    }

    /** @param  list<string>  $any */
    private static function holds(string $text, array $any): bool
    {
        $text = mb_strtolower($text);
        foreach ($any as $word) {
            if (preg_match('/\b'.preg_quote($word, '/').'/u', $text) === 1) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> without the common ones, in the singular */
    private static function words(string $text): array
    {
        return array_values(array_filter(
            Words::of($text),
            static fn (string $w): bool => mb_strlen($w) >= self::SHORTEST_WORD && ! in_array($w, self::COMMON, true),
        ));
    }
}
