<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** A sentence about one person, as people write it without commas. */
final class SaidOfOne
{
    private const IS = '\d|old|elderly|late|ill|pregnant|wheelchair|coming|attending|told';

    private const DOES = '(?:needs|has|must|should|can(?:no|[’\'`])?t|sits|uses|walks|stands|leaves|arrives|comes|will|won[’\'`]t|does)';

    private const WHAT = 'chair|seat|sits?|stand|wheel-?chair|stick|frame|crutch(?:es)?|leaves?|come|attend|be there|wait';

    private const COMES = '(?:leaves|has to leave|must leave|arrives|comes) (?:at|by|before|after|around|from)\b';

    private const DIED = '(?:has |have )?(?:recently |sadly )?(?:died|passed (?:away|on))\b';

    private const NAME = '(?:(?i:the )?\p{Lu}[\p{L}’\'.-]*)(?: (?!and )[\p{L}’\'.-]+){0,3}?';

    private const VERB = '(?:'.self::DOES.'|can|wants|would|is|died|passed)\b';

    /** Whether what is written of somebody is a sentence about them, and so more of somebody who is named already. */
    public static function isSaid(string $role): bool
    {
        return preg_match('/^'.self::VERB.'/u', $role) === 1;
    }

    /** "Olga is the bride's grandmother and needs a chair", "Joe died last year": the name, and what is said of that one behind commas. */
    public static function withComma(string $line): string
    {
        $isSaid = '(?:is (?=.*\b(?i:'.PeopleText::role().'|'.self::IS.')\b)'.
            '|(?='.self::DOES.' .*\b(?i:'.self::WHAT.')\b)|(?=turns \d)|(?='.self::COMES.')|(?='.self::DIED.'))';
        $isOfOne = preg_match('/^('.self::NAME.') '.$isSaid.'((?:[^:]|(?<=\d):(?=\d))*)$/u', $line, $found) === 1;
        // "Uncle Bent will be late", "Sabine Voss does not want flash": a whole name, and nobody else's.
        $whole = '(?:(?i:'.RelationWords::family().') )?\p{Lu}[\p{L}’\'.-]+(?: \p{Lu}[\p{L}’\'.-]+){0,2}';
        $isOfOne = $isOfOne || (preg_match('/^('.$whole.') ('.self::VERB.'[^\p{Lu}]*)$/u', $line, $found) === 1 && str_contains($found[1], ' '));
        // What is said of two is no line of one of them.
        if (! $isOfOne || preg_match('/\b(?:next to|beside|together|apart|away from)\b/iu', $found[2]) === 1) {
            return $line;
        }

        return "{$found[1]}, ".preg_replace('/ and (?=(?:needs|sits|uses|walks|leaves|must|is|has)\b)(?:is )?/u', ', ', $found[2]);
    }
}
