<?php

declare(strict_types=1);

namespace NorthSatchel\People\Roster;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLines;

/** Who may be in the pictures: names, numbers, teams, today's line-up, and the codes that grow into a name. */
final readonly class Roster
{
    private const LONGEST_CODE = 4;

    /**
     * @param  list<RosterPlayer>  $players
     * @param  array<string, string>  $codes  letters by team
     */
    private function __construct(public array $players, public array $codes) {}

    /**
     * @param  string  $lineUp  a line a team, "Reds: 1 4 7, 12 for 9, Ada Brun", by name who has no number; a team without a line is not known yet
     * @param  string  $codes  a line a team, "Reds = r"; without one it is the first letters of the team
     * @param  string  $noConsent  who is not to be named: a line a name, or "Reds: 4 7"
     *
     * @throws ImpossibleValue naming the field and the line
     */
    public static function read(string $players, string $lineUp = '', string $codes = '', string $noConsent = ''): self
    {
        $read = RosterText::read($players);
        $teams = array_values(array_unique(array_map(static fn (RosterPlayer $p): string => $p->team, $read)));

        return new self(self::nameless(self::withLineUp($read, $teams, $lineUp), $teams, $noConsent), self::lettered($teams, $codes));
    }

    /**
     * @param  list<RosterPlayer>  $players
     * @param  list<string>  $teams
     * @return list<RosterPlayer>
     *
     * @throws ImpossibleValue
     */
    private static function withLineUp(array $players, array $teams, string $lineUp): array
    {
        $today = $named = [];
        foreach (preg_split('/\R/u', $lineUp) ?: [] as $at => $line) {
            if (trim($line) === '') {
                continue;
            }
            $found = [];
            $isOfTeam = preg_match('/^\s*(\D[^:]*?)\s*:\s*(.*)$/u', $line, $found) === 1;
            $team = $isOfTeam ? self::team($found[1], $teams) : (count($teams) === 1 ? $teams[0] : null);
            if ($team === null) {
                throw ImpossibleValue::of('line_up', 'must be read line by line: line '.($at + 1).' names no team of the roster: Reds: 1 4 7');
            }
            $said = $isOfTeam ? $found[2] : $line;
            foreach ($players as $player) {
                if ($player->number === null && $player->team === $team && (new NameInText($player->name))->isIn($said)) {
                    $named[$player->team][$player->name] = true;
                }
            }
            $numbers = self::playing($said);
            foreach ($numbers as $number => $plays) {
                $is = array_filter($players, static fn (RosterPlayer $p): bool => $p->team === $team && $p->number === $number);
                if ($is === []) {
                    throw ImpossibleValue::of('line_up', 'must be read line by line: in line '.($at + 1).", {$number} is not on the roster".
                        ($team === '' ? '' : " of {$team}"));
                }
                $today[$team][$number] = $plays;
            }
        }

        return array_map(
            static fn (RosterPlayer $p): RosterPlayer => isset($today[$p->team])
                ? $p->plays($p->number === null ? isset($named[$p->team][$p->name]) : $today[$p->team][$p->number] ?? false)
                : $p,
            $players,
        );
    }

    /**
     * "1 4 7, 12 for 7": numbers that play, and a late change, in which the second stays out.
     *
     * @return array<int, bool> by number, whether it plays
     */
    private static function playing(string $said): array
    {
        preg_match_all('/(\d+)(?:\s+for\s+(\d+))?/iu', $said, $all, PREG_SET_ORDER);
        $plays = [];
        foreach ($all as $one) {
            $plays[(int) $one[1]] = true;
        }
        foreach (array_filter($all, static fn (array $one): bool => isset($one[2])) as $one) {
            $plays[(int) $one[2]] = false;
        }

        return $plays;
    }

    /**
     * @param  list<RosterPlayer>  $players
     * @param  list<string>  $teams
     * @return list<RosterPlayer>
     *
     * @throws ImpossibleValue
     */
    private static function nameless(array $players, array $teams, string $noConsent): array
    {
        foreach (TypedLines::of($noConsent, 'no_consent', count($players) + 1) as $line) {
            $isOfTeam = preg_match('/^([^:]+?)\s*:\s*([\d\s,]+)$/u', $line->text, $found) === 1;
            $team = $isOfTeam ? self::team($found[1], $teams) : null;
            preg_match_all('/\d+/', $isOfTeam ? $found[2] : '', $numbers);
            $is = static fn (RosterPlayer $p): bool => $team === null
                ? mb_strtolower($p->name) === mb_strtolower($line->text)
                : $p->team === $team && in_array((string) $p->number, $numbers[0], true);
            if (array_filter($players, $is) === []) {
                $line->refuse("“{$line->text}” is nobody of the roster: a whole name, or Reds: 4 7");
            }
            $players = array_map(static fn (RosterPlayer $p): RosterPlayer => $is($p) ? $p->nameless() : $p, $players);
        }

        return $players;
    }

    /** @param  list<string>  $teams */
    private static function team(string $said, array $teams): ?string
    {
        foreach ($teams as $team) {
            if (mb_strtolower($team) === mb_strtolower(trim($said))) {
                return $team;
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $teams
     * @return array<string, string>
     *
     * @throws ImpossibleValue
     */
    private static function lettered(array $teams, string $codes): array
    {
        $letters = [];
        foreach (preg_split('/\R/u', $codes) ?: [] as $at => $line) {
            if (trim($line) === '') {
                continue;
            }
            $found = [];
            $isCode = preg_match('/^\s*(.+?)\s*=\s*(\p{L}{1,'.self::LONGEST_CODE.'})\s*$/u', $line, $found) === 1;
            $team = $isCode ? self::team($found[1], $teams) : null;
            if ($team === null || in_array(mb_strtolower($found[2]), $letters, true)) {
                throw ImpossibleValue::of('codes', 'must be read line by line: line '.($at + 1).' gives no team of the roster letters of its own: '.
                    'Reds = r');
            }
            $letters[$team] = mb_strtolower($found[2]);
        }
        foreach ($teams as $team) {
            $plain = mb_strtolower((string) preg_replace('/[^\p{L}]/u', '', $team));
            for ($length = 1; ! isset($letters[$team]); $length++) {
                $try = $plain === '' ? str_repeat('p', $length) : mb_substr($plain, 0, $length);
                $isLast = $length >= max(self::LONGEST_CODE, mb_strlen($plain));
                if (! in_array($try, $letters, true) || $isLast) {
                    $letters[$team] = in_array($try, $letters, true) ? $try.chr(97 + count($letters) % 26) : $try;
                }
            }
        }

        return $letters;
    }

    public function codeOf(RosterPlayer $player): ?string
    {
        return $player->number === null ? null : $this->codes[$player->team].$player->number;
    }

    /** @return list<RosterPlayer> all that a code could mean */
    public function byCode(string $letters, int $number): array
    {
        return array_values(array_filter(
            $this->players,
            fn (RosterPlayer $p): bool => $p->number === $number && $this->codes[$p->team] === mb_strtolower($letters),
        ));
    }

    /** Whether the line-up of any team is known. */
    public function hasLineUp(): bool
    {
        return array_filter($this->players, static fn (RosterPlayer $p): bool => $p->isToday !== null) !== [];
    }
}
