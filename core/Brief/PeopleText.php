<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/**
 * People as they are typed, a line each: "Olga, bride's grandmother", "Best man: Pekka", "Uncle Veikko (from the north)"; two on one line
 * are two: "Lia & Tom, Noor's cousins".
 */
final readonly class PeopleText
{
    /** What somebody may be, before a colon; whose they are may stand before it or behind. */
    private const ROLE = '(?:best man|maid of honou?r|bridesmaids?|groomsm[ae]n|attendants?|witness(?:es)?|ushers?|flower girls?|page boys?|'.
        'ring bearers?|bride|groom|mother|father|parents?|mum|dad|sisters?|brothers?|siblings?|grand(?:mother|father|parents?|ma|pa)s?|aunts?|'.
        'uncles?|cousins?|nieces?|nephews?|sons?|daughters?|child(?:ren)?|friends?|witness|mc|dj|hosts?|celebrant|officiant|registrar|vicar|priest|'.
        'step-?(?:mother|father|mum|mom|dad|sister|brother)s?|half-?(?:sister|brother)s?|god(?:mother|father|parent|son|daughter|child)s?|mom|'.
        'gran(?:ny|dma|dpa|ddad)?|nana?|oma|opa|great-?(?:grandmother|grandfather|aunt|uncle)s?|twins?|'.
        '(?:sister|brother|mother|father)s?[ -]in[ -]law|'.
        '(?:(?:ex|former|new|second)[ -])?(?:wife|husband|partner)|girlfriend|boyfriend|'.
        'planner|coordinator|florist|caterer|referee|captain|coach)';

    /** What is written before a name and is no part of it, as "Uncle" is. */
    private const BEFORE_A_NAME = '(?:best man|maid of honou?r|bridesmaid|groomsman|witness|usher|flower girl|page boy|ring bearer|mc|dj|host|'.
        'celebrant|officiant|registrar|planner|coordinator|referee|captain)';

    private const COUNT = '(?:(?:\d{1,2}|two|three|four|five|six) )?';

    /** Several of one kind, and one of them. */
    private const ONE_OF = [
        'children' => 'child', 'groomsmen' => 'groomsman', 'witnesses' => 'witness',
        'parents' => 'parent', 'grandparents' => 'grandparent', 'brothers' => 'brother', 'sisters' => 'sister', 'siblings' => 'sibling',
        'cousins' => 'cousin', 'aunts' => 'aunt', 'uncles' => 'uncle', 'nieces' => 'niece', 'nephews' => 'nephew', 'sons' => 'son',
        'jury' => 'jury', 'judges' => 'judge', 'hosts' => 'host', 'speakers' => 'speaker', 'captains' => 'captain', 'referees' => 'referee',
        'daughters' => 'daughter', 'bridesmaids' => 'bridesmaid', 'attendants' => 'attendant', 'grandmothers' => 'grandmother',
        'grandfathers' => 'grandfather', 'friends' => 'friend', 'neighbours' => 'neighbour', 'twins' => 'twin',
    ];

    private const NO_NAME = '/^(?:the|his|her|their|family|kids|children|partners?|husband|wife|guests?|plus|sons?|daughters?|brothers?|sisters?|co|'.
        'company|associates|team|crew|staff|\d+)\b/iu';

    private const TITLES = ['mr', 'mrs', 'ms', 'mx', 'dr', 'herr', 'frau'];

    /**
     * @param  list<NamedLine>  $people
     * @param  list<string>  $headings  lines that head others, and name nobody
     * @param  list<string>  $together  names that stood on one line
     */
    private function __construct(public array $people, public array $headings, public array $together) {}

    public static function read(string $text): self
    {
        $people = $headings = $together = [];
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            if (BriefText::isHeading($line)) {
                $headings[] = trim($line);

                continue;
            }
            $line = self::withColon(BriefText::withoutBullet($line));
            [$name, $role] = self::parts($line);
            $names = self::several($line) ?? self::names($name);
            foreach ($names as $one) {
                $people[] = new NamedLine($one, count($names) > 1 ? self::ofOne($role) : $role);
            }
            array_push($together, ...count($names) > 1 ? $names : []);
        }

        return new self($people, $headings, $together);
    }

    /** "Brother of the groom - Tiago" and "Best man Vasco" as "…: Tiago". */
    private static function withColon(string $line): string
    {
        $whose = '(?:(?:the )?[\p{L}’\'`]+ )?';
        $line = (string) preg_replace('/^('.$whose.self::ROLE.'(?: of [^:,]{2,40})?)\s+[-–—]\s+(?=\p{Lu})/iu', '$1: ', $line);

        // "Anna Holm - bride"
        $line = (string) preg_replace('/^(\p{Lu}[^:,]{1,50}?)\s+[-–—]\s+(?=(?i:(?:the )?(?:[\p{L}’\'`]+ )?'.self::ROLE.'\b))/u', '$1, ', $line);

        return (string) preg_replace('/^((?i:'.self::BEFORE_A_NAME.'))\s+(?=\p{Lu})/u', '$1: ', $line);
    }

    /** @return list<string>|null names behind what several are: "Bridesmaids: Anna, Beth and Cleo"; null where a line does not begin so */
    private static function several(string $line): ?array
    {
        $are = implode('|', array_keys(self::ONE_OF));

        return preg_match('/^'.self::COUNT."(?:the )?(?:[\p{L}’'`]+ )?(?:{$are})(?: of [^:,]{2,40})?\s*:\s*(.+)$/iu", $line, $found) === 1
            ? array_merge(...array_map(self::names(...), explode(',', $found[1])))
            : null;
    }

    /** @return array{string, string|null} name and what is written of them */
    private static function parts(string $line): array
    {
        $found = [];
        $several = '(?:the )?(?:[\p{L}’\'`]+ )?(?:'.implode('|', array_keys(self::ONE_OF)).')(?: of [^:,]{2,40})?';
        if (preg_match('/^'.self::COUNT."({$several})\s*:/iu", $line, $found) === 1) {
            return ['', trim($found[1])];
        }
        if (preg_match('/^((?:[\p{L}’\'`]+ )?'.self::ROLE.'(?: of [^:,]{2,40})?)\s*:\s*([^,]+)(?:,(.*))?$/iu', $line, $found) === 1) {
            $more = trim($found[3] ?? '');

            return [trim($found[2]), trim($found[1]).($more === '' ? '' : ", {$more}")];
        }
        // "Hanna: mother of Noor"
        if (preg_match('/^([^:,(]{2,60}):\s*(\p{L}.*)$/u', $line, $found) === 1) {
            return [trim($found[1]), trim($found[2])];
        }
        [$name, $role] = [...explode(',', $line, 2), null];
        if (preg_match('/^(.{2,60}?)\s*\(([^()]{2,80})\)$/u', trim((string) $name), $found) === 1) {
            return [$found[1], trim($found[2]).($role === null ? '' : ', '.trim($role))];
        }

        return self::roleFirst(trim((string) $name), trim((string) $role)) ?? [trim((string) $name), $role === null ? null : trim($role)];
    }

    /** @return array{string, string}|null of "Mother of Noor, Hanna Ilves, wheelchair"; null where the name stands first */
    private static function roleFirst(string $first, string $rest): ?array
    {
        [$name, $more] = [...explode(',', $rest, 2), ''];
        $isName = preg_match('/^\p{Lu}[\p{L}’\'.-]*(?: \p{L}[\p{L}’\'.-]*){0,4}$/u', trim($name)) === 1 &&
            preg_match('/\b'.self::ROLE.'\b|[’\']s\b/iu', $name) !== 1;

        $whose = '(?:(?:the )?\p{L}+[’\'`]s? |(?:the|maternal|paternal|great|step)[ -])?';

        return $isName && preg_match("/^{$whose}".self::ROLE.'(?: of [^,]{2,40})?$/iu', $first) === 1
            ? [trim($name), $first.(trim($more) === '' ? '' : ', '.trim($more))]
            : null;
    }

    /** @return list<string> one, two or more that stand on one line; none where there is no name */
    private static function names(string $name): array
    {
        $names = array_values(array_filter(
            array_map(trim(...), preg_split('/\s+(?:and|&|\+|und|och|ja)\s+/iu', $name) ?: []),
            static fn (string $one): bool => $one !== '',
        ));
        // "Anna and the children" are not two names.
        if (count($names) > 1 && array_filter($names, static fn (string $n): bool => preg_match(self::NO_NAME, $n) === 1) !== []) {
            return [trim($name)];
        }
        foreach ($names as $at => $one) {
            $last = explode(' ', $names[$at + 1] ?? '');
            // "Mr & Mrs Holm" share their name.
            if (in_array(mb_strtolower(rtrim($one, '.')), self::TITLES, true) && count($last) > 1) {
                $names[$at] = "{$one} ".$last[count($last) - 1];
            }
        }

        return $names;
    }

    private static function ofOne(?string $role): ?string
    {
        // Two who are the twins of somebody are their children; one who is the twin of somebody is a brother or a sister.
        $role = $role === null ? null : preg_replace(['/\btwins (?=(?:of|to) )/iu', '/(?<=[’\'`]s )twins\b/iu'], ['children ', 'children'], $role);

        return $role === null ? null : (string) preg_replace_callback(
            '/\b('.implode('|', array_keys(self::ONE_OF)).')\b/iu',
            static fn (array $found): string => self::ONE_OF[mb_strtolower($found[1])],
            $role,
        );
    }
}
