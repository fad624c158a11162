<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/**
 * How many frames a scene usually takes where nobody typed any: by its words and its length (common practice, no source; the log of
 * one's own jobs tells better).
 */
final class FrameRates
{
    /** What a line has that nobody changed. */
    public const UNTYPED = 10;

    /** Frames an hour, by words in the title. */
    private const AN_HOUR = [
        ['/^arriv|\blight(?:s|ing)? and\b|\b(?:breaks?|meal for|rest|strike|set up|rig(?:ging)?)\b/iu', 0],
        ['/\b(?:driv(?:e|ing)|travel(?:ling)?|transfers?|load(?:ing)?|pack(?:ing)?)\b/iu', 0],
        ['/\b(?:mount(?:ing)?|send(?:ing)?(?![ -]?off)|upload(?:ing)?|captions?|cop(?:y|ies|ied)|sign-off|take (?:the \w+ )?down)\b/iu', 0],
        ['/\b(?:dance|dancing|party|floor|band|disco)/iu', 200],
        ['/\b(?:match|race|game|heat|play|warm|half|quarter|period|innings|final|kick|celebrat|finish)/iu', 240],
        ['/\b(?:concert|programme|award|podium|opening)/iu', 240],
        ['/\b(?:group|famil|formal)/iu', 180],
        ['/\b(?:portrait|couple|first look|reveal)/iu', 160],
        ['/\b(?:ceremon|vow|church|chapel|service|prayer)/iu', 150],
        ['/\b(?:ready|preparation|detail|dress)/iu', 100],
        ['/\b(?:dinner|speech|toast|reception|drinks|guest|mingl)/iu', 100],
        ['/\b(?:setup|packshot|product|catalogue|still life|look|test frame|room|front|house)/iu', 60],
    ];

    private const ELSE_AN_HOUR = 80;

    public static function usual(string $title, int $minutes): int
    {
        foreach (self::AN_HOUR as [$words, $rate]) {
            if (preg_match($words, $title) === 1) {
                return (int) round(($rate * $minutes) / 60);
            }
        }

        return (int) round((self::ELSE_AN_HOUR * $minutes) / 60);
    }

    /**
     * The frames that a scene takes beyond those of its lines; none where all of them were typed, or it is a break.
     *
     * @param  list<int>  $frames  of its lines
     */
    public static function more(string $title, int $minutes, bool $isBreak, array $frames): int
    {
        $isTyped = $frames !== [] && ! in_array(self::UNTYPED, $frames, true);

        return $isBreak || $isTyped ? 0 : max(0, self::usual($title, $minutes) - array_sum($frames));
    }
}
