<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Brief\RelationWords;
use NorthSatchel\ImpossibleValue;

/**
 * A family as it is typed, a line a person: the name, and after commas who it is and what it needs. "Solveig,
 * grandmother of Tuva, seated, 158 cm". What is not understood is what one knows them by.
 */
final class FamilyText
{
    public const MOST_PEOPLE = 200;

    /** What somebody needs, by the words that people use. */
    private const NEEDS = [
        'wheelchair' => '/\bwheel-?chair\b/u',
        'seated' => '/^(?:is |to be |must be |has to be |needs to be )?(?:seated|sits|sitting|must sit|has to sit|'.
            'needs (?:a chair|a seat|to sit)|can(?:not|[\'’]t) stand(?: long)?|'.
            'can only sit|(?:on |walks with |uses )?crutches)$/u',
        'infant' => '/^(?:an? )?(?:infant|baby|newborn|\d{1,2} (?:months?|weeks?|mo\.?|mths?|wks?)(?: old)?)$/u',
        'elderly' => '/^(?:very |quite |rather )?(?:elderly|old|frail)$|'.
            '^(?:is |aged? |turns )?(?:nearly |almost |over |about )?(?:7[5-9]|[89]\d|1[01]\d)(?: years?(?: old)?| y\/?o)?!?$|'.
            '^(?:walks|gets about|moves) (?:slowly|badly|with (?:an? )?(?:stick|cane|frame|rollator|walker))$|'.
            '^(?:with |uses |has )?(?:an? )?(?:walking (?:stick|frame)|rollator|zimmer frame|bad (?:knees?|hips?|back))$/u',
    ];

    private const APART = '/^(?:is |must be |to be )?(?:(?:keep |kept |stays? |must stay )?(?:apart|away) from|estranged from|'.
        '(?:does not|doesn[\'’]t|will not|won[\'’]t) (?:talk|speak) (?:to|with)|not (?:on speaking terms with|speaking (?:to|with))|'.
        '(?:never|not) (?:to be )?(?:in one (?:picture|frame|photo) )?with) (.+)$/iu';

    private const NOT_BESIDE = '/^(?:is |must |please )*(?:do not|don[\'’]t|not|never) (?:to )?'.
        '(?:(?:be|stand|sit|put|place|seat)(?: him| her| them)? )?(?:beside|next to|near) (.+)$/iu';

    private const NAMED_BABY = '/^(?:baby|infant|newborn) \p{Lu}/iu';

    private const LEAVES = '/^(?:leaves|has to leave|must leave|gone) (?:at |by )?(\d{1,2})[:.](\d\d)$/';

    private const BABY_OF = '/^(?|(?:baby|infant|newborn)(?: (?:boy|girl|son|daughter))? of (.+)|(.+?)[’\']s? (?:baby|infant|newborn))$/iu';

    /** Which brother or which grandmother it is makes no difference to a group. */
    private const ADJECTIVE = '/\b(?:junior|chief|head|younger|older|elder|eldest|oldest|youngest|big|little|maternal|paternal|only) '.
        '(?=(?:great-?)?(?:step|half|grand|mother|father|mum|'.
        'mom|dad|sister|brother|sibling|son|daughter|child|aunt|uncle|cousin|gran|nan|oma|opa|bridesmaid|groomsman|usher|maid))/iu';

    /** "The groom's late father" has died, and is the groom's father. */
    private const LATE = '/\b(?:late|deceased) (?=\p{L})/iu';

    private const COUPLE = ['bride', 'groom', 'couple'];

    /**
     * @param  list<FamilyLine>  $lines
     * @return list<Relative>
     *
     * @throws ImpossibleValue for a person twice, or too many
     */
    public static function read(array $lines): array
    {
        if (count($lines) > self::MOST_PEOPLE) {
            throw ImpossibleValue::of('people', 'must be '.self::MOST_PEOPLE.' at most');
        }
        $people = [];
        foreach ($lines as $line) {
            $key = mb_strtolower(trim($line->name));
            if (isset($people[$key])) {
                throw ImpossibleValue::of('people', "must be named once each: {$line->name} is there twice");
            }
            $people[$key] = self::person(trim($line->name), $line->text);
        }

        return array_values($people);
    }

    private static function person(string $name, string $text): Relative
    {
        $relations = $apart = $notBeside = $known = [];
        $needs = preg_match(self::NAMED_BABY, $name) === 1 ? ['infant'] : [];
        $height = $leaves = $role = null;
        $isCouple = $isTold = $isForCeremonyOnly = false;
        // "Best man & brother of the groom" is both.
        $party = RelationWords::any('attendant');
        $andMore = '/(?:^|(?<=,))\s*('.$party.')\s+(?:&|\+|and)\s+|\s+(?:&|\+|and)\s+(?=(?:the )?'.$party.'\s*(?:,|$))/iu';
        $text = (string) preg_replace($andMore, '$1, ', $text);
        foreach (array_filter(array_map(trim(...), explode(',', $text)), static fn (string $p): bool => $p !== '') as $piece) {
            $found = [];
            $low = (string) preg_replace('/^(?:the|a|an) /u', '', mb_strtolower($piece));
            $need = array_key_first(array_filter(self::NEEDS, static fn (string $pattern): bool => preg_match($pattern, $low) === 1));
            $relation = self::relation(self::joined((string) preg_replace(self::LATE, '', $piece)));
            if ($relation !== null && preg_match(self::LATE, $piece) === 1) {
                $known[] = 'late';
            }
            $baby = preg_match(self::BABY_OF, $piece, $found) === 1 ? new Relation(kind: 'child', of: trim($found[1])) : null;
            match (true) {
                in_array($low, self::COUPLE, true) => ([$isCouple, $role] = [true, $low]),
                $need !== null => ($needs[] = $need),
                $baby !== null => ([$needs[], $relations[]] = ['infant', $baby]),
                $low === 'told' => ($isTold = true),
                in_array($low, ['ceremony only', 'for the ceremony only'], true) => ($isForCeremonyOnly = true),
                preg_match('/^(\d{2,3})\s*cm$/', $low, $found) === 1 => ($height = (int) $found[1]),
                preg_match('/^([12])[.,](\d\d)\s*m$/', $low, $found) === 1 => ($height = 100 * (int) $found[1] + (int) $found[2]),
                preg_match(self::LEAVES, $low, $found) === 1 => ($leaves = sprintf('%02d:%s', (int) $found[1], $found[2])),
                self::apartFrom($piece) !== null => ($apart[] = (string) self::apartFrom($piece)),
                preg_match(self::NOT_BESIDE, $piece, $found) === 1 => ($notBeside[] = trim($found[1])),
                $relation !== null => ($relations[] = $relation),
                default => ($known[] = $piece),
            };
        }

        // "Grandma Ada, bride's side"
        $word = $relations === [] ? self::bareRelation($name, implode(', ', $known)) : null;
        if ($word !== null && preg_match('/(?:^|, )(?:the )?([\p{L} ]+?)[’\']s side(?:,|$)/iu', implode(', ', $known), $side) === 1) {
            $relations[] = new Relation(kind: self::kindOf($word), of: trim($side[1]));
        }

        return new Relative(
            $name,
            $isCouple,
            $relations,
            array_values(array_unique($needs)),
            $height,
            $apart,
            $notBeside,
            $leaves,
            $isTold,
            implode(', ', $known),
            $isForCeremonyOnly,
            $role,
            Attendance::of($name, $known, $relations !== [] || $isCouple || self::bareRelation($name, '') !== null),
            array_values(array_filter(array_map(ChildHeight::years(...), $known), is_int(...)))[0] ?? null,
        );
    }

    /** From whom a piece of a line keeps somebody apart, as it was typed; null where it speaks of something else. */
    public static function apartFrom(string $piece): ?string
    {
        return preg_match(self::APART, trim($piece), $found) === 1 ? trim($found[1]) : null;
    }

    /** The relation that a name or a line names without saying whose: "uncle Jo", "stepmother"; null where none. */
    public static function bareRelation(string $name, string $knownBy): ?string
    {
        foreach (array_diff_key(RelationWords::KINDS, ['attendant' => 0, 'former' => 0]) as $words) {
            foreach ($words as $word) {
                $quoted = preg_quote($word, '/');
                $isKnownBy = preg_match("/(?:^|, )(?:the |an? )?{$quoted}(?:,|$)/iu", self::joined($knownBy)) === 1;
                if ($isKnownBy || preg_match("/^{$quoted}\\s/iu", $name) === 1) {
                    return $word;
                }
            }
        }

        return null;
    }

    private static function kindOf(string $word): string
    {
        return (string) array_key_first(array_filter(RelationWords::KINDS, static fn (array $words): bool => in_array($word, $words, true)));
    }

    /** "step mother" and "grand-father" in one word. */
    private static function joined(string $text): string
    {
        $text = (string) preg_replace(self::ADJECTIVE, '', $text);

        return (string) preg_replace('/\b(step|grand)[ -](?=(?:mother|father|parent|sister|brother|son|daughter|ma|pa|dad|mum)\b)/iu', '$1', $text);
    }

    /** Whether one of the words stands in it at all: most pieces are names. */
    private static function anyRelation(): string
    {
        /** @var string|null $pattern */
        static $pattern = null;
        $quoted = static fn (string $word): string => preg_quote($word, '/');

        return $pattern ??= '/'.implode('|', array_map($quoted, array_merge(...array_values(RelationWords::KINDS)))).'/iu';
    }

    private static function relation(string $piece): ?Relation
    {
        if (preg_match(self::anyRelation(), $piece) !== 1) {
            return null;
        }
        foreach (RelationWords::KINDS as $kind => $words) {
            foreach ($words as $word) {
                $joint = str_ends_with($word, 'from') ? '' : '(?:of|to)\s+';
                if (preg_match('/^(?:the |an? )?'.preg_quote($word, '/').'\s+'.$joint.'(.+)$/iu', $piece, $found) === 1) {
                    return new Relation(kind: $kind, of: trim($found[1]), word: $word);
                }
                // "Emrik's brother"; "son of Emrik's brother" is a son.
                $whose = "/^((?:(?!\s(?:of|to)\s).)+)['’]s?\s+".preg_quote($word, '/').'$/iu';
                if (preg_match($whose, $piece, $found) === 1) {
                    return new Relation(kind: $kind, of: trim($found[1]), word: $word);
                }
                if ($kind === 'attendant' && mb_strtolower($piece) === $word) {
                    return new Relation(kind: $kind, of: '');
                }
            }
        }

        return null;
    }
}
