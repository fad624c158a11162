<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/**
 * People as they are typed, a line each: "Olga, bride's grandmother", "Best man: Pekka", "Uncle Veikko (from the north)"; two on one line
 * are two: "Lia & Tom, Noor's cousins".
 */
final readonly class PeopleText
{
    /** What else somebody may be, before a colon; whose they are may stand before it or behind. */
    private const OTHERS = 'bride|groom|friends?|mc|dj|hosts?|celebrant|officiant|registrar|vicar|priest|planner|coordinator|florist|caterer|'.
        'videographer|photographer|band|make-?up(?: artist)?|hair(?:dresser| stylist)?|organist|driver|venue(?: manager)?|referee|captain|coach|'.
        'speaker|moderator|presenter|announcer|director|producer|mayor|president|chair(?:man|woman|person)?|ceo|security|marshal|sponsor|winner|'.
        'singer|conductor|chef|cook|toastmaster|waiter|barista|owner|founder|manager|editor|stylist|assistant|model';

    public const COUNT = '(?:'.RelationWords::HOW_MANY.' )?';

    /** Several of one kind, and one of them, beside those of a family. */
    private const ONE_OF = [
        'jury' => 'jury', 'judges' => 'judge', 'hosts' => 'host', 'speakers' => 'speaker', 'captains' => 'captain', 'referees' => 'referee',
        'friends' => 'friend', 'neighbours' => 'neighbour', 'kids' => 'kid', 'girls' => 'girl', 'boys' => 'boy',
    ];

    private const NO_NAME = '/^(?:the|his|her|their|family|kids|children|partners?|husband|wife|guests?|plus|sons?|daughters?|brothers?|sisters?|co|'.
        'company|associates|team|crew|staff|\d+)\b/iu';

    /** None of a bracket. */
    private const COMMA = '/,(?![^()]*\))/u';

    private const TITLES = ['mr', 'mrs', 'ms', 'mx', 'dr', 'herr', 'frau'];

    /** What is said of all who stand on a line. */
    private const TO_ALL = 'divorced|separated|both|all';

    /**
     * @param  list<NamedLine>  $people
     * @param  list<string>  $headings  lines that head others, and name nobody
     * @param  list<string>  $together  names that stood on one line
     * @param  list<string>  $sentences  that speak of people, and name nobody
     */
    private function __construct(public array $people, public array $headings, public array $together, public array $sentences) {}

    public static function read(string $text): self
    {
        $people = $headings = $together = $sentences = [];
        $side = null;
        foreach (preg_split('/\R/u', $text) ?: [] as $line) {
            if (BriefText::isHeading($line)) {
                $headings[] = trim($line);
                $side = SideOfFamily::of($line);

                continue;
            }
            if (PeopleLine::isOfNobody(BriefText::withoutBullet($line))) {
                $headings[] = trim($line);

                continue;
            }
            foreach (PeopleLine::plain($line) as $plain) {
                if (PeopleSentence::is($plain)) {
                    $sentences[] = trim(BriefText::withoutBullet($line));

                    continue;
                }
                [$read, $names] = self::line($plain, $side);
                array_push($people, ...$read);
                array_push($together, ...count($names) > 1 ? $names : []);
            }
        }

        return new self(self::merged($people), $headings, $together, $sentences);
    }

    /** What became of the sentences; empty where there are none. */
    public function sentencesTold(): string
    {
        $quoted = implode(', ', array_map(static fn (string $s): string => "“{$s}”", $this->sentences));

        return $this->sentences === [] ? '' : " Kept under the restrictions, naming nobody by a line of their own: {$quoted}.";
    }

    /** What somebody may be, as a group of a pattern. */
    public static function role(): string
    {
        $partner = '(?:(?:ex|former|new|second)[ -])?'.RelationWords::any('partner');

        return '(?:'.RelationWords::any('attendant').'|'.RelationWords::family()."|{$partner}|".self::OTHERS.')';
    }

    /** @return array<string, string> */
    public static function oneOf(): array
    {
        return RelationWords::one() + self::ONE_OF;
    }

    /** @return array{list<NamedLine>, list<string>} who is named on a line, and which names stand in its first place */
    private static function line(string $line, ?SideOfFamily $side): array
    {
        $named = NameAndRole::of($line);
        [$name, $role] = [$named->name, $named->role];
        $came = Companions::of('*', $name);
        [$name, $with] = $came->left === null ? [$name, []] : [$came->left, $came->with];
        $several = implode('|', array_keys(self::oneOf())).'|'.self::TO_ALL;
        if (preg_match("/^(.+?)\\s*\\(([^()]*\\b(?:{$several})\\b[^()]*)\\)$/iu", $line, $all) === 1 && count(self::several($all[1]) ?? []) > 1) {
            $came = Companions::of('*', $all[2]);
            [$line, $role, $with] = [$all[1], implode(', ', array_filter([(string) $role, (string) $came->left])), [...$with, ...$came->with]];
        }
        $names = self::several($line) ?? self::names($name);
        $read = [];
        foreach ($names as $i => $said) {
            $is = count($names) > 1 ? self::ofOne($role) : $role;
            if (preg_match('/^(.{2,60}?)\s*\(([^()]{1,80})\)$/u', $said, $own) === 1) {
                $own = count($names) > 1 ? [$own[1], Companions::of($own[1], $own[2])] : [$own[1], new Companions($own[2], [])];
                [$said, $is] = [$own[0], implode(', ', array_filter([$own[1]->left, (string) $is]))];
                $with = [...$with, ...$own[1]->with];
            }
            $called = Companions::named($said);
            $one = $called->name ?? $said;
            $names[$i] = $one;
            $came = Companions::of($one, count($names) > 1 ? null : $is);
            $is = count($names) > 1 ? $is : $came->left;
            $is = $called === null ? $is : implode(', ', array_filter([$called->role, $is]));
            $is = count($names) === 2 ? self::apartFrom($names[1 - $i], $is) : $is;
            $read[] = new NamedLine($one, $side === null ? $is : $side->role($one, $is));
            $with = [...$with, ...$came->with];
        }
        foreach ($with as $one) {
            $read[] = new NamedLine($one->name, str_replace('*', $names[0] ?? '', (string) $one->role));
        }

        return [$read, $names];
    }

    /**
     * Somebody of the family may stand among the attendants once more.
     *
     * @param  list<NamedLine>  $people
     * @return list<NamedLine>
     */
    private static function merged(array $people): array
    {
        $kept = [];
        foreach ($people as $at => $one) {
            $key = mb_strtolower($one->name);
            $other = $kept[$key] ?? null;
            $isMore = self::isPartyAlone($one->role) || self::isPartyAlone($other->role ?? null) || SaidOfOne::isSaid((string) $one->role);
            if ($other === null || ! $isMore) {
                $kept[$other === null ? $key : "{$key} {$at}"] = $one;

                continue;
            }
            $roles = array_unique(array_filter([(string) $other->role, (string) $one->role]));
            $kept[$key] = new NamedLine($other->name, $roles === [] ? null : implode(', ', $roles));
        }

        return array_values($kept);
    }

    /** Two who stand on one line, divorced. */
    private static function apartFrom(string $other, ?string $role): ?string
    {
        $divorced = '/(^|, )(?:now )?(?:divorced|separated)(?=,|$)/iu';

        return $role === null ? null : (string) preg_replace($divorced, "$1former partner of {$other}", $role);
    }

    private static function isPartyAlone(?string $role): bool
    {
        $pieces = array_filter(array_map(trim(...), explode(',', (string) $role)), static fn (string $p): bool => $p !== '');

        $party = '(?:'.RelationWords::any('attendant').'|mc|reader|speaker)';

        return $pieces !== [] && preg_grep('/^(?:the )?(?:junior |chief |head )?'.$party.'(?: of .+)?$/iu', $pieces, PREG_GREP_INVERT) === [];
    }

    /** @return list<string>|null names behind what several are: "Bridesmaids: Anna, Beth and Cleo"; null where a line does not begin so */
    private static function several(string $line): ?array
    {
        $are = implode('|', array_keys(self::oneOf()));

        return preg_match('/^'.self::COUNT."(?:the )?(?:[\p{L}’'`]+ )?(?:{$are})(?: of [^:,]{2,40})?\s*:\s*(.+)$/iu", $line, $found) === 1
            ? array_merge(...array_map(self::names(...), preg_split(self::COMMA, $found[1]) ?: []))
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
            // "Bola - must be seated", among others
            $one = (string) preg_replace('/^(\p{Lu}[^()]*?)\s[-–—]\s([^()]+)$/u', '$1 ($2)', $one);
            $one = $names[$at] = (string) preg_replace('/^(\p{Lu}[\p{L}’\'-]+(?: \p{Lu}[\p{L}’\'-]+)?) (\d{1,2})$/u', '$1 ($2)', $one);
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
            '/\b('.implode('|', array_keys(self::oneOf())).')\b/iu',
            static fn (array $found): string => self::oneOf()[mb_strtolower($found[1])],
            $role,
        );
    }
}
