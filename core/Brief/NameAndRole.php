<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** A line of people in two: who is named, and what is written of them, in whichever order it was typed. */
final class NameAndRole
{
    public static function of(string $line): NamedLine
    {
        $found = [];
        $several = '(?:the )?(?:[\p{L}’\'`]+ )?(?:'.implode('|', array_keys(PeopleText::oneOf())).')(?: of [^:,]{2,40})?';
        if (preg_match('/^'.PeopleText::COUNT."({$several})\s*:/iu", $line, $found) === 1) {
            return new NamedLine('', trim($found[1]));
        }
        if (preg_match('/^((?:[\p{L}’\'`]+ )?'.PeopleText::role().'(?: of [^:,]{2,40})?)\s*:\s*([^,]+)(?:,(.*))?$/iu', $line, $found) === 1) {
            $more = trim($found[3] ?? '');
            $named = trim($found[2]);
            [$named, $in] = self::bracket($named) ?? [$named, ''];
            $more = trim("{$in}, {$more}", ' ,');

            return new NamedLine($named, trim($found[1]).($more === '' ? '' : ", {$more}"));
        }
        // "Photographer's assistant: Lou"
        $isWork = '[^:,(]*(?:^|[ ’\'`-])\p{Ll}[\p{L}-]{3,}[^:,(]*';
        $names = "\\p{Lu}[\\p{L}’'.-]+(?: \\p{Lu}[\\p{L}’'.-]+)*";
        if (preg_match("/^({$isWork}):\\s*({$names})(?:\\s*\\(([^()]*)\\))?(?:,(.*))?$/u", $line, $found) === 1) {
            return new NamedLine($found[2], implode(', ', array_filter(array_map(trim(...), [$found[1], $found[3] ?? '', $found[4] ?? '']))));
        }
        // "Chef: Ove Lind"
        $whole = "\\p{Lu}[\\p{L}’'.-]+(?: \\p{Lu}[\\p{L}’'.-]+)+";
        $isRole = '/\b'.PeopleText::role().'\b/iu';
        if (preg_match("/^(\\p{Lu}\\p{L}+):\\s*({$whole})(?:,(.*))?$/u", $line, $found) === 1 && preg_match($isRole, $found[2]) !== 1) {
            return new NamedLine($found[2], implode(', ', array_filter([$found[1], trim($found[3] ?? '')])));
        }
        // "Hanna: mother of Noor"
        if (preg_match('/^([^:,(]{2,60}):\s*(\p{L}.*)$/u', $line, $found) === 1) {
            return new NamedLine(trim($found[1]), trim($found[2]));
        }
        [$name, $role] = [...explode(',', $line, 2), null];
        $bracket = self::bracket(trim((string) $name));
        if ($bracket !== null) {
            return new NamedLine($bracket[0], $bracket[1].($role === null ? '' : ', '.trim($role)));
        }

        return self::roleFirst(trim((string) $name), trim((string) $role))
            ?? new NamedLine(trim((string) $name), $role === null ? null : trim($role));
    }

    /** @return array{string, string}|null a name and what stands in a bracket behind it; null where there is none, or it is another's */
    private static function bracket(string $name): ?array
    {
        $isOwn = preg_match('/^(.{2,60}?)\s*\(([^()]{1,80})\)$/u', $name, $found) === 1 && Companions::of('*', $name)->with === [];

        return $isOwn ? [$found[1], trim($found[2])] : null;
    }

    /** Of "Mother of Noor, Hanna Ilves, wheelchair"; null where the name stands first. */
    private static function roleFirst(string $first, string $rest): ?NamedLine
    {
        [$name, $more] = [...explode(',', $rest, 2), ''];
        // "Nana Ama" is a name.
        $called = (string) preg_replace('/^'.RelationWords::family().' (?=\p{Lu})/iu', '', trim($name));
        $isName = preg_match('/^\p{Lu}[\p{L}’\'.-]*(?: \p{L}[\p{L}’\'.-]*){0,4}$/u', $called) === 1 &&
            preg_match('/\b'.PeopleText::role().'\b|[’\']s\b/iu', $called) !== 1;

        $whose = '(?:(?:best|old|oldest|close|dear|school|childhood|family) )?(?:(?:the )?\p{L}+[’\'`]s? |(?:the|maternal|paternal|great|step)[ -])?';

        return $isName && preg_match("/^{$whose}".PeopleText::role().'(?: of [^,]{2,40})?$/iu', $first) === 1
            ? new NamedLine(trim($name), $first.(trim($more) === '' ? '' : ', '.trim($more)))
            : null;
    }
}
