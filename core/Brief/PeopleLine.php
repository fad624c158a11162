<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** A line of people as it was typed, put into the words that are read: the name first, or what somebody is and a colon. */
final class PeopleLine
{
    /** What is written before a name and is no part of it, as "Uncle" is; attendants too. */
    private const BEFORE_A_NAME = 'bride|groom|mc|dj|host|celebrant|officiant|registrar|planner|coordinator|referee|captain';

    /** Small letters that are no "della" of a name. */
    private const WORK = '(?!d[ae]ll[aeo]\b|degli\b|with\b|from\b)\p{Ll}{4,}(?: \p{Ll}{4,})?';

    private const WHOSE = '(?:(?:the )?[\p{L}-]+[’\'`]s? )?';

    private const COUNT = '/^('.self::WHOSE.')'.RelationWords::HOW_MANY.' (?=\p{L}+(?: of [^:,]{2,40})?\s*[:(–-])/iu';

    private const OPEN = '(?:tb[acd]|to be (?:decided|confirmed|announced)|unknown|not known(?: yet)?|\?+)';

    private const NOT_YET = '/^[^,]*[-–:(]\s*'.self::OPEN.'\)?$/iu';

    private const NOBODY = '/^(?:tb[acd]|n\/?a|none|nobody|etc\.?|and so on|\?+|\+ ?\d+|plus[ -]ones?\b.*|others?|\.{2,}|…)$/iu';

    private const PHONE = '/^(\p{L}.*?)[\s,]+(\+?\d[\d\s()\/.-]{5,}\d)$/u';

    /** Whether nobody is named on it: "TBC", "Plus ones: 3". */
    public static function isOfNobody(string $line): bool
    {
        return preg_match(self::NOBODY, trim($line)) === 1 || preg_match(self::NOT_YET, trim($line)) === 1;
    }

    /** @return list<string> mostly one; two where two are said in one breath: "Aisha's mum and dad (Nadia and Karim)" */
    public static function plain(string $line): array
    {
        $line = PeopleShorthand::spelled(trim(BriefText::withoutBullet($line)));
        $two = self::two($line);
        if ($two !== []) {
            return $two;
        }
        // "Aunt Grace, TBC" may come; "Ushers: Ole, TBC" is Ole.
        $line = (string) preg_replace('/,\s*'.self::OPEN.'$/iu', str_contains($line, ':') ? '' : ', perhaps', $line);
        // "Flower girl Ayo, ring bearer Kofi"
        $party = '(?i:'.RelationWords::any('attendant').')';
        $several = preg_split('/,\s*(?='.$party.':? \p{Lu})/u', $line) ?: [$line];
        if (count($several) > 1 && preg_match('/^'.$party.':? \p{Lu}/u', $line) === 1) {
            return array_merge(...array_map(self::plain(...), $several));
        }
        $parent = RelationWords::any('parent', 'grandparent');
        $both = '/^('.self::WHOSE.')('.$parent.') (?:and|&) ('.$parent.')\s*[:(–-]\s*([^,&]+?) (?:and|&) ([^,&()]+?)\)?$/iu';
        $each = '/^('.self::WHOSE.')('.$parent.') \(([^(),]+)\) (?:and|&) ('.$parent.') \(([^(),]+)\)$/iu';
        if (preg_match($each, $line, $found) === 1) {
            return ["{$found[1]}{$found[2]}: {$found[3]}", "{$found[1]}{$found[4]}: {$found[5]}"];
        }
        if (preg_match($both, $line, $found) === 1) {
            return ["{$found[1]}{$found[2]}: {$found[4]}", "{$found[1]}{$found[3]}: {$found[5]}"];
        }
        $line = (string) preg_replace(self::COUNT, '$1', $line);
        $line = (string) preg_replace('#(?<=\p{Ll}) ?/ ?(?=\p{Lu}\p{Ll})#u', ' & ', $line);
        // "Parents of the groom (Karin and Uwe)"
        $are = self::WHOSE.PeopleText::role().'(?: of [^:,(]{2,40})?';
        $line = (string) preg_replace('/^('.$are.')\s*\(([^()]+(?: and | & |, )[^()]+)\)$/iu', '$1: $2', $line);
        // "Mads' parents (still married): Inge + Torben"
        $line = (string) preg_replace('/^('.$are.')\s*\(([^()]+)\)\s*:\s*(.+)$/iu', '$1: $3 ($2)', $line);
        $line = (string) preg_replace('/^('.$are.')\s*=\s*/iu', '$1: ', $line);
        // "Mum (Grace)", and "Joan (nearly 90, needs a seat)"
        $line = (string) preg_replace('/^('.$are.')\s*\((\p{Lu}[^(),]+)\)$/iu', '$1: $2', $line);
        $line = (string) preg_replace('/^((?:[^():,]+:\s*)?(?:(?! and | & )[^():,])+?)\s*\(([^()]*,[^()]*)\)$/u', '$1, $2', $line);
        $line = (string) preg_replace('/^((?:(?! and | & )[^():,])+?)\s*\(([^()]*,[^()]*)\)(?=,)/u', '$1, $2', $line);
        $line = (string) preg_replace('/^(\p{L}.*?)\s*\?$/u', '$1, perhaps', $line);
        $line = (string) preg_replace(self::PHONE, '$1, $2', $line);

        return [self::withColon($line)];
    }

    /** @return list<string> of "Bride and groom: Ana & Luis", "The couple: Ana, Luis"; none of any other line */
    private static function two(string $line): array
    {
        $who = '(?:the )?(?:happy )?(couple|brides?(?: (?:and|&|\+) groom)?|grooms?(?: (?:and|&|\+) bride)?)';
        if (preg_match('/^'.$who.'\s*(?::|\s[-–—]\s)\s*([^,&:]+?)\s*(?:,|&|\+|\band\b)\s*([^,&:]+)$/iu', $line, $found) !== 1) {
            return [];
        }
        $said = mb_strtolower($found[1]);
        $are = match (true) {
            $said === 'couple' => ['couple', 'couple'],
            str_ends_with($said, 'groom') && str_starts_with($said, 'bride') => ['bride', 'groom'],
            str_ends_with($said, 'bride') && str_starts_with($said, 'groom') => ['groom', 'bride'],
            $said === 'brides' => ['bride', 'bride'],
            $said === 'grooms' => ['groom', 'groom'],
            default => [],
        };

        return $are === [] ? [] : ["{$found[2]}, {$are[0]}", "{$found[3]}, {$are[1]}"];
    }

    /** "Brother of the groom - Tiago" and "Best man Vasco" as "…: Tiago". */
    private static function withColon(string $line): string
    {
        // "Groom's parents Uwe and Karin", "Parents of the bride Laura and Pietro", "Cousins Lia, Tom and Ben"
        $many = implode('|', array_keys(RelationWords::one()));
        $are = '(?i:'.self::WHOSE.'(?:'.$many.')(?: of (?:the )?(?:bride|groom|couple))?)';
        $line = (string) preg_replace('/^('.$are.')\s+(?=\p{Lu})/u', '$1: ', $line);
        $whose = '(?:(?:the )?[\p{L}’\'`]+ )?';
        $line = (string) preg_replace('/^('.$whose.PeopleText::role().'(?: of [^:,]{2,40})?)\s+[-–—]\s+(?=\p{Lu})/iu', '$1: ', $line);

        // "Anna Holm - bride", "Joe - passed away"
        $isRole = '(?i:(?:the )?(?:[\p{L}’\'`]+ )?'.PeopleText::role().'\b)|\p{Ll}';
        $line = (string) preg_replace('/^(\p{Lu}[^:,]{1,50}?)\s+[-–—]\s+(?='.$isRole.')/u', '$1, ', $line);

        // "Press officer Jon Vik": what somebody is goes on in small letters, which no part of a name does.
        $noFamily = '(?!(?:\p{L}+ )*(?i:'.RelationWords::family().')\b)';
        $name = '(?=\p{Lu}[\p{L}’\'-]+(?: \p{Lu}|$| ?[,(]))';
        $line = (string) preg_replace('/^'.$noFamily.'(\p{Lu}\p{Ll}+(?: (?:of|for|the) | )'.self::WORK.')\s+'.$name.'/u', '$1: ', $line);
        $called = '/^('.self::WHOSE.'(?i:'.PeopleText::role().'(?: of (?:the )?(?:bride|groom))?)) (?:is|are)(?: called| named)? (?=\p{Lu})/u';
        $line = SaidOfOne::withComma((string) preg_replace($called, '$1: ', $line));

        return (string) preg_replace('/^((?i:'.RelationWords::any('attendant').'|'.self::BEFORE_A_NAME.'))\s+(?=\p{Lu})/u', '$1: ', $line);
    }
}
