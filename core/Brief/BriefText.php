<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** The must-haves and restrictions of a brief, as far as their words are understood; the rest stands on the sheets as it was written. */
final class BriefText
{
    /** What is forbidden, by the words that people use. */
    private const FORBIDDEN = '(?:strictly |absolutely |completely )?(?:not allowed|not permitted|forbidden|prohibited|banned|off)';

    private const DO_NOT = '\b(?:do not|don[\'’]t|must not|may not|shall not|cannot|can[\'’]t|never|refrain from|not allowed to)';

    /** "Flash is fine except during the vows" forbids it then. */
    private const FINE_BUT = '/\b(flash|photography|photographs|photos|pictures) (?:photography )?(?:is |are )?'.
        '(?:ok|okay|allowed|fine|permitted|welcome)\b[^,]*?\b(?:except|but not|other than|apart from) ((?:in|inside|at|on|during|while)\b.+)$/iu';

    /** "Photography is permitted until 9 pm" forbids it after that. */
    private const FINE_UNTIL = '/\b'.self::FINE.'(?: only)? (?:until|till|up to|before) (\d.*)$/iu';

    private const FINE_FROM = '/\b'.self::FINE.'(?: only)? (?:from|after|as of) (\d.*)$/iu';

    private const FINE = '(flash|photography|photographs|photos|pictures) (?:photography )?(?:is |are )?(?:only )?'.
        '(?:ok|okay|allowed|fine|permitted|welcome)';

    /** What holds everywhere but for somewhere is for the reader to keep; what holds somewhere but for a while is held there. */
    private const BUT_FOR = '/\b(?:except|unless|other than|apart from|but only)\b/iu';

    private const KINDS = [
        'no-flash' => '/\b(?:no|without|never|not? allowed:?) (?:any )?flash|flash (?:is |photography (?:is )?)?'.self::FORBIDDEN.
            '|'.self::DO_NOT.' (?:us(?:e|ing) )?(?:any |your |the |a )?flash|flash (?:may|must|can) not be used/iu',
        'from-the-back' => '/\b(?:from|at|in) the (?:very )?(?:back|rear)\b|\bback (?:row|of the) |\brear of '.
            '|\bbehind the [\p{L}\d]+ (?:pew|row)|\bbehind (?:the )?row \d|\bstay behind/iu',
        'no-pictures' => '/\bno (?:pictures|photos|photography|photographs|photographers?|cameras?)\b(?! of\b)'.
            '|(?<!flash )\b(?:pictures|photos|photography|photographs|photographers|cameras) (?:is |are )?'.self::FORBIDDEN.
            '|'.self::DO_NOT.' (?:photograph|take (?:any )?(?:pictures|photos|photographs)) (?:in|inside|at|on|during)\b'.
            '|\b(?:pictures|photos|photographs) (?:may|must|can) not be taken (?:in|inside|at|on|during)\b/iu',
        'no-stands' => '/\bno (?:light )?(?:stands?|tripods?|monopods?)\b|\b(?:stands?|tripods?|monopods?) (?:is |are )?'.self::FORBIDDEN.
            '|'.self::DO_NOT.' (?:use|set up|put up) (?:any |your |a )?(?:light )?(?:stands?|tripods?)/iu',
    ];

    /** Where the words of a place end. */
    private const NO_PLACE = 'from|behind|before|after|until|till|during|while|when|without|with|by|is|are|was|no|not|never|only|please|'.
        'unless|except|must|may|should|one|you|we|photographers?|pictures|photos|flash|stands?|tripods?|at all|as';

    /** Of a place or of its seats. */
    private const NO_OWN_PLACE = '(?:very back|back|rear|chairs?|seats?|pews?|benches|rows?|'.
        'any (?:time|point|stage)|all(?: times)?|no time|times|present|the moment|once|night|least)\b';

    /** Beside, before or behind something, which is no segment's own place. */
    private const AROUND = '/\b(?:behind|beside|near|next to|close to|in front of|around|between|within|along|above|below|beneath|under|'.
        'past|beyond|outside)'.
        ' (?:of )?(?:the )?('.self::NAMED.')/iu';

    /** A place as it is written: "hall 2", but "chapel" of "chapel 12 m off". */
    private const NAMED = '\p{L}[\p{L} ’\'-]{1,40}(?<! )(?: \d{1,3}\b(?![.:,]\d| ?(?:m|min|minutes|h|am|pm)\b))?';

    /** That two do not get on, by the words that people use. */
    private const APART = '/\b(?:divorced|separated|estranged|ke(?:ep|pt) apart|keep [^;.]{2,60} apart|'.
        '(?:never|not|\p{L}+n[\'’]t) (?:(?:to|be|stand|sit|seated?|placed?|put|photographed|pictured|shown|standing|sitting) )*'.
        '(?:next to|beside|together|near|side by side|in one|at one table|at the same table|in the same)|'.
        '(?:do(?:n[\'’]t| not)|no longer) (?:speak|talk|get on|get along)|not on speaking terms)\b/iu';

    /** Whose people, or which: the words of a line that names nobody. */
    private const HEADING = '/^(?:the )?(?:[\p{L} ]{2,30}[’\'`]?s?[’\'`]? )?'.
        '(?:side|people|folks|lot|famil(?:y|ies)|relatives|guests?|friends|parents|(?:the )?(?:happy )?couple|'.
        '(?:wedding |bridal )?party|attendants|vendors?|suppliers?)'.
        '(?: of (?:the )?(?:(?!(?-i:(?:bride|groom|couple) \p{Lu})|.* and (?-i:\p{Lu}))[\p{L} ]{2,30}))?$/iu';

    /** Whether a line of a list of people heads those below it, and names nobody: "Bride's side", "Guests:", "# Friends". */
    public static function isHeading(string $line): bool
    {
        $line = trim($line);

        return $line !== '' &&
            (str_starts_with($line, '#') || str_ends_with($line, ':') || preg_match('/^[-–—=*_]{3,}$/u', $line) === 1 ||
                preg_match(self::HEADING, $line) === 1);
    }

    /** A line of a list without its bullet or number. */
    public static function withoutBullet(string $line): string
    {
        return trim((string) preg_replace('/^\s*(?:[-*•–]|\d{1,3}[.)])\s+/u', '', $line));
    }

    /**
     * Without what is said of people who are to be kept apart, which is asked with the groups, and what must not be: neither is a picture.
     *
     * @return list<string> a line each; where there is one line, what stands between its semicolons
     */
    public static function mustHaves(?string $text): array
    {
        return array_values(array_filter(self::lines($text), static fn (string $l): bool => ! self::isOfPeopleAlone($l) && ! self::isNot($l)));
    }

    /** @return list<string> of the must-haves what is no picture: what must not be, and who is to be kept apart */
    public static function noPictures(?string $text): array
    {
        return array_values(array_diff(self::lines($text), self::mustHaves($text)));
    }

    /** @return list<string> of the must-haves what must not be: "no fingerprints" */
    public static function mustNots(?string $text): array
    {
        return array_values(array_filter(self::lines($text), static fn (string $l): bool => self::isNot($l) && ! self::isOfPeopleAlone($l)));
    }

    private static function isNot(string $line): bool
    {
        return preg_match('/^(?:please )?(?:no(?!\.?\s*\d)|not|never|do not|don[\'’]t)\b/iu', $line) === 1;
    }

    /** @return list<string> */
    private static function lines(?string $text): array
    {
        $lines = preg_split('/\R|;/u', (string) $text) ?: [];

        return array_values(
            array_filter(
                array_map(static fn (string $l): string => trim(self::withoutBullet($l), " \t."), $lines),
                static fn (string $l): bool => $l !== '',
            ),
        );
    }

    /** "Olle and Siv not in one picture", and no wish before it: "group of all, Olle and Siv not side by side". */
    private static function isOfPeopleAlone(string $line): bool
    {
        return preg_match(self::APART, $line, $found, PREG_OFFSET_CAPTURE) === 1
            && preg_match('/\b(?:not|never|no longer|\p{L}+n[\'’]t|ke(?:ep|pt))\b/iu', $found[0][0]) === 1
            && preg_match('/\b(?:photo|photograph|picture|portrait|shot|frame|group|families)s?\b/iu', substr($line, 0, $found[0][1])) !== 1;
    }

    /** @return list<string> sentences of the restrictions that no plan can be held against; they stand on the sheets as they were written. Who must
     * not be near whom is asked with the groups. */
    public static function unheld(?string $text): array
    {
        $sentences = array_map(static fn (string $s): string => trim($s, " \t."), self::sentences($text));

        return array_values(array_filter(
            $sentences,
            static fn (string $s): bool => $s !== '' && self::restrictions($s) === [] && ! self::isOfPeopleAlone($s),
        ));
    }

    /** @return list<string> sentences that say of people that they do not get on; whom they mean, the family's list knows */
    public static function apart(?string $text): array
    {
        $sentences = array_map(static fn (string $s): string => trim($s, " \t."), self::sentences($text));

        return array_values(array_filter($sentences, static fn (string $s): bool => preg_match(self::APART, $s) === 1));
    }

    /** @return list<string> */
    private static function sentences(?string $text): array
    {
        return preg_split('/\R|;|(?<=\.)\s+/u', (string) $text) ?: [];
    }

    /**
     * Read once for a text: a page asks for them with every segment.
     *
     * @return list<Restriction>
     */
    public static function restrictions(?string $text): array
    {
        /** @var array<string, list<Restriction>> $last */
        static $last = [];
        if (! isset($last[(string) $text])) {
            $last = [(string) $text => self::readRestrictions($text)];
        }

        return $last[(string) $text];
    }

    /** @return list<Restriction> */
    private static function readRestrictions(?string $text): array
    {
        $found = [];
        foreach (self::sentences($text) as $sentence) {
            $written = $sentence;
            $sentence = (string) preg_replace(self::FINE_BUT, 'no $1 $2', $sentence);
            $sentence = (string) preg_replace([self::FINE_UNTIL, self::FINE_FROM], ['no $1 after $2', 'no $1 before $2'], $sentence);
            $where = preg_match('/^\s*([^:,]{2,40}):(?!\d)/u', $sentence, $head) === 1 ? trim($head[1]) : null;
            $rule = (preg_split(self::BUT_FOR, $sentence) ?: [''])[0];
            $during = preg_match('/\bduring (?:the )?((?:(?!(?:'.self::NO_PLACE.'|and|or)\b)\p{L}+ ?){1,5})/iu', $rule, $when) === 1
                ? (trim($when[1]) ?: null)
                : null;
            $hours = SaidHours::in($rule);
            foreach (preg_split('/,|\band\b/u', $sentence) ?: [] as $piece) {
                $piece = (preg_split(self::BUT_FOR, $piece) ?: [''])[0];
                foreach (self::KINDS as $kind => $pattern) {
                    $place = $where ?? self::place($piece, $kind);
                    $isButFor = $place === null && $during === null && $rule !== $sentence;
                    if (preg_match($pattern, $piece) === 1 && ! $isButFor && ($hours !== null || ! self::isForATime($piece, $place, $during))) {
                        $found[] = new Restriction(
                            RestrictionKind::from($kind),
                            $place,
                            trim($written, " \t."),
                            $during,
                            SaidDistance::of($piece, $sentence),
                            $hours,
                        );
                    }
                }
            }
        }

        return $found;
    }

    /** "no pictures until the blessing is over" holds for a time that only its words know, and is kept by whoever reads them. */
    private static function isForATime(string $piece, ?string $where, ?string $during): bool
    {
        return $where === null && $during === null && preg_match('/\b(?:before|after|until|till|unless|except|while|when|once)\b/iu', $piece) === 1;
    }

    /** "no flash in the chapel", "no photographers behind the goals": of who stays at the back the words behind it are his own place */
    private static function place(string $piece, string $kind): ?string
    {
        if ($kind !== RestrictionKind::FromTheBack->value && preg_match(self::AROUND, $piece, $found) === 1) {
            return trim((preg_split('/\s+(?:in|at|on|of|'.self::NO_PLACE.')\b/iu', $found[1], 2) ?: [''])[0]) ?: null;
        }
        if (preg_match('/\b(?:in|inside|at|on|of) (?:the )?+((?!'.self::NO_OWN_PLACE.')'.self::NAMED.')/iu', $piece, $found) !== 1) {
            return null;
        }
        $words = preg_split('/\s+(?:'.self::NO_PLACE.')\b/iu', $found[1], 2) ?: [];

        return trim((string) preg_replace('/\b(?:only|please|ceremony of)\b/iu', '', $words[0] ?? '')) ?: null;
    }
}
