<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** Whose people stand below a heading: "Bride's side", "Family of Callum", "Suppliers". What a line leaves open follows from it. */
final readonly class SideOfFamily
{
    private const FAMILY = '(?:side|family|families|relatives|relations|people|folks?)';

    private const HEADING = '/^\W*(?:the )?(?:(?<a>bride|groom|[\p{L}-]+?)[’\'`]s? '.self::FAMILY.
        '|(?<b>bride|groom) '.self::FAMILY.'|'.self::FAMILY.' of (?:the )?(?<c>bride|groom|[\p{L}-]+))\b\W*$/iu';

    private const AT_WORK = '/^\W*(?:our |the )?(?:wedding )?(?:vendors?|suppliers?|crew|staff|team|professionals|services|contacts)\W*$/iu';

    /** @param  string|null  $of  a name, bride or groom; null: who is there for the work */
    private function __construct(private ?string $of) {}

    /** Null where the heading says nothing of whose they are. */
    public static function of(string $heading): ?self
    {
        if (preg_match(self::AT_WORK, $heading) === 1) {
            return new self(null);
        }
        if (preg_match(self::HEADING, $heading, $found) !== 1) {
            return null;
        }
        $name = implode('', array_intersect_key($found, ['a' => 0, 'b' => 0, 'c' => 0]));

        return new self(in_array(mb_strtolower($name), ['bride', 'groom'], true) ? mb_strtolower($name) : mb_convert_case($name, MB_CASE_TITLE));
    }

    public static function isOfWork(string $heading): bool
    {
        return preg_match(self::AT_WORK, $heading) === 1;
    }

    /** What is written of somebody below it, with whose they are. */
    public function role(string $name, ?string $role): ?string
    {
        if ($this->of === null) {
            return implode(', ', array_filter([(string) $role, 'supplier']));
        }
        $pieces = array_values(array_filter(array_map(trim(...), explode(',', (string) $role)), static fn (string $p): bool => $p !== ''));
        $isSaid = false;
        $relative = RelationWords::family();
        $said = '/\b'.$relative.' (?:of|to) \p{L}|[’\'`]s? (?:\p{L}+ )?'.$relative.'\b/iu';
        foreach ($pieces as $i => $piece) {
            $pieces[$i] = $this->piece($piece);
            $isSaid = $isSaid || $pieces[$i] !== $piece || preg_match($said, $piece) === 1;
        }
        if (! $isSaid && preg_match('/^('.$relative.') (?=\p{L})/iu', $name, $found) === 1) {
            $pieces[] = mb_strtolower($found[1])." of {$this->of}";
        }

        return $pieces === [] ? $role : implode(', ', $pieces);
    }

    private function piece(string $piece): string
    {
        $relative = RelationWords::family();
        $adjective = '(?:(?:the|an?|her|his|their|late|younger|older|elder|big|little|twin|maternal|paternal|only) )*';
        if (preg_match('/^('.$adjective.$relative.')$/iu', $piece, $found) === 1) {
            return preg_replace('/^(?:her|his|their) /iu', '', $found[1])." of {$this->of}";
        }
        // "Dad's younger brother", and "wife of dad"
        if (preg_match('/^(?:her |his |their )?('.$relative.'[’\'`]s .+)$/iu', $piece, $found) === 1) {
            return "{$this->of}'s {$found[1]}";
        }

        return (string) preg_replace('/\b(of|to) (?:her |his |their )?('.$relative.')$/iu', "$1 {$this->of}'s $2", $piece);
    }
}
