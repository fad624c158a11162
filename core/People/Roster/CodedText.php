<?php

declare(strict_types=1);

namespace NorthSatchel\People\Roster;

/** A caption with codes in it, grown into names: "k7 past r1" becomes "Ada Berg (Kvarnby, 7) past …". */
final readonly class CodedText
{
    /**
     * @param  string  $text  what it grew into; a code that is not understood stays as it was typed
     * @param  list<RosterPlayer>  $people  who is named
     * @param  list<string>  $unclear  why it may not go out as it is
     * @param  list<string>  $doubts  parts of names that may be of somebody who does not play
     */
    private function __construct(public string $text, public array $people, public array $unclear, public array $doubts) {}

    public static function of(Roster $roster, string $typed): self
    {
        $people = $unclear = [];
        $known = array_map(preg_quote(...), array_values($roster->codes));
        usort($known, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        $pattern = '/(?<![\p{L}\d])('.implode('|', $known).')(\d{1,4})(?![\p{L}\d])/iu';
        $text = '';
        $at = 0;
        preg_match_all($pattern, $known === [] ? '' : $typed, $all, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        foreach ($all as [[$code, $from], [$letters], [$number]]) {
            $is = $roster->byCode($letters, (int) $number);
            $text .= substr($typed, $at, $from - $at).(count($is) === 1 ? self::grown($is[0]) : $code);
            $at = $from + strlen($code);
            if (count($is) === 1) {
                $people[] = $is[0];
                $unclear = [...$unclear, ...self::against($is[0])];
            } else {
                $names = implode(' or ', array_map(static fn (RosterPlayer $p): string => $p->name, $is));
                $unclear[] = $is === [] ? "“{$code}” is nobody of the roster" : "“{$code}” could be {$names}";
            }
        }
        $text .= substr($typed, $at);
        // Whoever is named in full must play too.
        foreach ($roster->players as $player) {
            $isNamed = ! in_array($player, $people, true) && (new NameInText($player->name))->isIn($typed);
            if ($isNamed) {
                $people[] = $player;
                $unclear = [...$unclear, ...self::against($player)];
            }
        }
        [$secret, $doubts] = self::parts($roster, $typed);

        return new self($text, $people, array_values(array_unique([...$unclear, ...$secret])), $doubts);
    }

    /**
     * What is left when whole names are taken out: a first or last name of who is not to be named, a last name of who does not play.
     *
     * @return array{list<string>, list<string>}
     */
    private static function parts(Roster $roster, string $typed): array
    {
        foreach ($roster->players as $player) {
            $typed = (new NameInText($player->name))->takenOutOf($typed);
        }
        $secret = $doubts = [];
        foreach ($roster->players as $player) {
            $parts = NameInText::partsOf($player->name);
            foreach ($player->mayBeNamed ? array_slice($parts, -1) : $parts as $part) {
                if (! $part->isIn($typed)) {
                    continue;
                }
                if (! $player->mayBeNamed) {
                    $secret[] = "“{$part->name}” may be {$player->name}, who is not to be named";
                } elseif ($player->isToday === false) {
                    $doubts[] = "“{$part->name}” may be {$player->name}, who is not in today's line-up";
                }
            }
        }

        return [$secret, $doubts];
    }

    private static function grown(RosterPlayer $player): string
    {
        return $player->name.' ('.($player->team === '' ? '' : "{$player->team}, ").$player->number.')';
    }

    /** @return list<string> why they are not to be named */
    private static function against(RosterPlayer $player): array
    {
        return [
            ...$player->isToday === false ? ["{$player->name} is not in today's line-up"] : [],
            ...$player->mayBeNamed ? [] : ["{$player->name} is not to be named: no consent"],
        ];
    }
}
