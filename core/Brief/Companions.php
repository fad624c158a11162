<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/**
 * Who is named on somebody's line: "Fiona, sister, with husband Greg and their kids Isla (6) and Finn", "Brother Arjun + fiancée Mei", "Dad's
 * wife Anjali".
 */
final readonly class Companions
{
    private const CHILDREN = '(?i:kids?|children|child|sons?|daughters?|twins|baby)';

    private const THEIR = '(?i:her |his |their |the )?';

    private const NAME = '\p{Lu}[\p{L}’\'-]+(?: \p{Lu}[\p{L}’\'-]+)?';

    private const OLD = '(?: ?\(([^()]*)\))?';

    /**
     * @param  string|null  $left  of what was read, without them
     * @param  list<NamedLine>  $with  who came with somebody
     */
    public function __construct(public ?string $left, public array $with) {}

    /** @param  string|null  $role  what is written of that one */
    public static function of(string $name, ?string $role): self
    {
        $with = [];
        $partner = '(?i:'.RelationWords::any('partner').')';
        $left = (string) preg_replace_callback(
            '/(?<![’\'`]s )(?:\b(?i:with|and) |[+&] ?)?'.self::THEIR.'\b('.$partner.') ('.self::NAME.')'.self::OLD.'/u',
            static function (array $found) use ($name, &$with): string {
                $with[] = new NamedLine($found[2], implode(', ', array_filter([mb_strtolower($found[1])." of {$name}", trim($found[3] ?? '')])));

                return '';
            },
            (string) $role,
        );
        // "Helen's partner is Rob"
        $left = (string) preg_replace_callback(
            '/('.self::NAME.')[’\'`]s (?:new )?('.$partner.')(?: is|:) ('.self::NAME.')/u',
            static function (array $found) use (&$with): string {
                $with[] = new NamedLine($found[3], mb_strtolower($found[2])." of {$found[1]}");

                return '';
            },
            $left,
        );
        $one = self::NAME.'(?: ?\([^()]*\))?';
        $left = (string) preg_replace_callback(
            '/(?:\b(?i:with|and) |[+&] ?)?'.self::THEIR.'(?<![\p{L}-])('.self::CHILDREN.') ('.$one.'(?:(?:, | and | & )'.$one.')*)/u',
            static function (array $found) use ($name, &$with): string {
                preg_match_all('/('.self::NAME.')'.self::OLD.'/u', $found[2], $each, PREG_SET_ORDER);
                $is = preg_match('/^(?:son|daughter)s?$/iu', $found[1]) === 1 ? rtrim(mb_strtolower($found[1]), 's') : 'child';
                foreach ($each as $child) {
                    $needs = mb_strtolower($found[1]) === 'baby' ? 'infant' : '';
                    $with[] = new NamedLine($child[1], implode(', ', array_filter(["{$is} of {$name}", $needs, trim($child[2] ?? '')])));
                }

                return '';
            },
            $left,
        );
        $left = trim((string) preg_replace(['/\b(?:with|and)\s*(?=,|$)/iu', '/(?:\s*,\s*)+/u'], ['', ', '], $left), ' ,+&');

        return $with === [] ? new self($role, []) : new self($left === '' ? null : $left, $with);
    }

    /**
     * A name with what somebody is before it: "Brother Arjun", "Dad's wife Anjali", "the late Hamish".
     *
     * @return NamedLine|null null where it is a name alone
     */
    public static function named(string $said): ?NamedLine
    {
        $relative = '(?i:'.RelationWords::family().')';
        $is = '((?i:'.RelationWords::any('partner').'|'.RelationWords::family().'))';
        if (preg_match('/^'.self::THEIR.'('.$relative.'[’\'`]s) '.$is.' ('.self::NAME.')$/u', $said, $found) === 1) {
            return new NamedLine($found[3], mb_strtolower("{$found[1]} {$found[2]}"));
        }
        if (preg_match('/^((?i:the )?(?:bride|groom)|'.self::NAME.')[’\'`]s? '.$is.' ('.self::NAME.')$/u', $said, $found) === 1) {
            return new NamedLine($found[3], mb_strtolower($found[2])." of {$found[1]}");
        }
        if (preg_match('/^(?i:the )?(?i:late) (?:('.$relative.') )?('.self::NAME.')$/u', $said, $found) === 1) {
            return new NamedLine($found[2], implode(', ', array_filter([mb_strtolower($found[1]), 'late'])));
        }
        if (preg_match('/^(?:† ?('.self::NAME.')|('.self::NAME.') ?†(?: ?\d{4})?)$/u', $said, $found) === 1) {
            return new NamedLine($found[1] !== '' ? $found[1] : $found[2], 'late');
        }
        if (preg_match('/^(?i:little|baby) ('.self::NAME.')$/u', $said, $found) === 1) {
            return new NamedLine(preg_match('/^little/iu', $said) === 1 ? $found[1] : $said, null);
        }

        // An uncle is called so, a brother by his name.
        $before = '(?i:'.RelationWords::any('parent', 'sibling', 'child').'|niece|nephew)';

        return preg_match('/^'.self::THEIR.'('.$before.') ('.self::NAME.')$/u', $said, $found) === 1
            ? new NamedLine($found[2], mb_strtolower($found[1]))
            : null;
    }
}
