<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * Teams first, then their players, on one light set or two. With two it is a two-machine flow shop: the order
 * that finishes earliest is S. M. Johnson's (1954), whatever the number of teams.
 */
final readonly class TeamSchedule
{
    /**
     * @param  list<Team>  $order
     * @param  list<TeamTurn>  $segments  minutes from the start
     * @param  list<Team>  $given  as they were named
     */
    private function __construct(
        public array $order,
        public float $finishMinutes,
        public array $segments,
        private array $given,
        private int $lightSets,
    ) {}

    /**
     * @param  list<Team>  $teams
     *
     * @throws ImpossibleValue
     */
    public static function of(array $teams, int $lightSets): self
    {
        if ($lightSets !== 1 && $lightSets !== 2) {
            throw ImpossibleValue::of('light_sets', 'must be 1 or 2');
        }
        $order = $lightSets === 2 ? self::johnson($teams) : $teams;
        $segments = [];
        $first = $second = 0.0;
        foreach ($order as $team) {
            $start = $lightSets === 1 ? $second : $first;
            $first = $start + $team->teamMinutes;
            $segments[] = new TeamTurn(team: $team->id, isTeam: true, from: $start, to: $first, set: 1);
            $from = max($first, $second);
            $second = $from + $team->playerMinutes();
            $segments[] = new TeamTurn(team: $team->id, isTeam: false, from: $from, to: $second, set: $lightSets);
        }

        return new self($order, max($first, $second), $segments, $teams, $lightSets);
    }

    public function verdicts(): Verdicts
    {
        if ($this->order === []) {
            return new Verdicts([Verdict::mind('teams.none', 'No team is named yet.', 'A line a team, with how many players it has.')]);
        }
        $finish = (int) ceil($this->finishMinutes);
        $one = (int) ceil(self::of($this->given, 1)->finishMinutes);
        $names = implode(', then ', array_map(static fn (Team $t): string => $t->id, $this->order));
        if ($this->lightSets === 1) {
            $two = (int) ceil(self::of($this->given, 2)->finishMinutes);

            return new Verdicts([
                Verdict::mind(
                    'teams.one-set',
                    "With one light set it takes {$finish} min.",
                    "A second one, teams here and players there, makes it {$two} min: ".($one - $two).' fewer.',
                    ['finish_minutes' => $finish],
                ),
            ]);
        }

        $looked = Looked::at(count($this->order), 'team');
        if ($looked === null || $looked->count === 1) {
            return new Verdicts([
                Verdict::mind('teams.one', "Over after {$finish} min.", 'Of one team there is no order to choose.', ['finish_minutes' => $finish]),
            ]);
        }

        return new Verdicts([
            Verdict::fine(
                'teams.order',
                "Over after {$finish} min: {$names}.",
                "No other order is over earlier (Johnson's rule); with one light set it would take {$one} min.",
                $looked,
                ['finish_minutes' => $finish],
            ),
        ]);
    }

    /**
     * Teams whose picture is the shorter part go first, the shortest picture first; the others last, the longest
     * players first.
     *
     * @param  list<Team>  $teams
     * @return list<Team>
     */
    private static function johnson(array $teams): array
    {
        $isEarly = static fn (Team $t): bool => $t->teamMinutes < $t->playerMinutes();
        $early = array_values(array_filter($teams, $isEarly));
        $late = array_values(array_filter($teams, static fn (Team $t): bool => ! $isEarly($t)));
        usort($early, static fn (Team $a, Team $b): int => $a->teamMinutes <=> $b->teamMinutes);
        usort($late, static fn (Team $a, Team $b): int => $b->playerMinutes() <=> $a->playerMinutes());

        return [...$early, ...$late];
    }
}
