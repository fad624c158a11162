<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;

/** Teams as they are typed, a line each: "Juniors, 14 players, 4 min, 60 s, heights 152 148 160". What is not said is ordinary. */
final class TeamText
{
    public const MOST = 30;

    /** A team takes about so long once the light stands, a player about 100 s (common practice, no source). */
    private const USUAL_TEAM_MINUTES = 3.0;

    private const USUAL_PLAYER_S = 100.0;

    /**
     * @return list<Team>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $teams = [];
        foreach (preg_split('/\R/u', trim($text)) ?: [] as $index => $line) {
            if (trim($line) === '') {
                continue;
            }
            $pieces = array_map(trim(...), preg_split('/(?<!\d),|,(?!\d)/u', (string) preg_replace('/^([^,:]+):\s+/u', '$1, ', $line)) ?: []);
            $name = (string) array_shift($pieces);
            $players = null;
            $heights = [];
            [$minutes, $seconds] = [self::USUAL_TEAM_MINUTES, self::USUAL_PLAYER_S];
            foreach ($pieces as $piece) {
                $found = [];
                if (preg_match('/^(\d{1,3})(?:\s*(?:players?|people|girls|boys|children|kids|athletes|members))?$/i', $piece, $found) === 1) {
                    $players = (int) $found[1];
                } elseif (preg_match('/^(\d{1,3}(?:[.,]\d+)?)\s*min(?:ute)?s?$/i', $piece, $found) === 1) {
                    $minutes = (float) str_replace(',', '.', $found[1]);
                } elseif (preg_match('/^(\d{1,4})\s*s(?:ec(?:ond)?s?)?(?: each)?$/i', $piece, $found) === 1) {
                    $seconds = (float) $found[1];
                } elseif (preg_match('/^heights?((?:\s+[12]?\d{2})+)$/i', $piece, $found) === 1) {
                    $heights = array_map(intval(...), preg_split('/\s+/', trim($found[1])) ?: []);
                } else {
                    throw ImpossibleValue::of('teams', 'cannot be read in line '.($index + 1).": “{$piece}”");
                }
            }
            if ($name === '' || $players === null) {
                throw ImpossibleValue::of(
                    'teams',
                    'need a name and how many players in line '.($index + 1).', such as: Juniors, 14 players',
                );
            }
            if (count($heights) > $players) {
                throw ImpossibleValue::of(
                    'teams',
                    'have more heights than players in line '.($index + 1).': '.count($heights)." for {$players}",
                );
            }
            if (isset($teams[$name])) {
                throw ImpossibleValue::of('teams', "must be named once each: {$name} is there twice");
            }
            $teams[$name] = new Team($name, $players, $minutes, $seconds, $heights);
        }
        if (count($teams) > self::MOST) {
            throw ImpossibleValue::of('teams', 'must be '.self::MOST.' at most');
        }

        return array_values($teams);
    }
}
