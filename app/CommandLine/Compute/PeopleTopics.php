<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\Devices\Stopwatch;
use NorthSatchel\People\FramesNeeded;
use NorthSatchel\People\Order\FormalsOrder;
use NorthSatchel\People\Order\Group;
use NorthSatchel\People\Order\Presence;
use NorthSatchel\People\Team;
use NorthSatchel\People\TeamSchedule;
use NorthSatchel\People\TeamTurn;

/** Groups, teams, and blinking people. */
final class PeopleTopics
{
    /** Start-up and answer stay within two seconds. */
    private const ORDER_S = 1.7;

    private const MOST_PEOPLE = 1_000_000;

    /** @return array<string, int|float|null> */
    public static function framesNeeded(\stdClass $input): array
    {
        $in = new Fields($input, ['people', 'light', 'confidence', 'shutter_s']);
        $light = $in->text('light');
        if (! in_array($light, ['good', 'poor'], true)) {
            throw $in->refusal('light', 'must be good or poor');
        }
        $frames = FramesNeeded::of(
            $in->whole('people', 1, self::MOST_PEOPLE),
            $light === 'good',
            $in->number('confidence', above: 0, below: 1),
            $in->number('shutter_s', above: 0),
        );

        return ['frames' => $frames->frames, 'rule_of_thumb' => $frames->ruleOfThumb, 'chance_per_frame' => $frames->chancePerFrame];
    }

    /** @return array<string, mixed> */
    public static function teamSchedule(\stdClass $input): array
    {
        $in = new Fields($input, ['teams', 'light_sets']);
        $teams = [];
        foreach ($in->objects('teams', ['id', 'players', 'team_minutes', 'player_seconds']) as $f) {
            $id = $f->newId($teams);
            $teams[$id] = new Team(
                $id,
                $f->whole('players', 0, self::MOST_PEOPLE),
                $f->number('team_minutes', min: 0),
                $f->number('player_seconds', min: 0),
            );
        }
        $schedule = TeamSchedule::of(array_values($teams), $in->whole('light_sets', 1, 2));

        return [
            'order' => array_map(static fn (Team $t): string => $t->id, $schedule->order),
            'finish_minutes' => $schedule->finishMinutes,
            'segments' => array_map(
                static fn (TeamTurn $s): array => [
                    'team' => $s->team,
                    'what' => $s->isTeam ? 'team' : 'players',
                    'start_minute' => $s->from,
                    'end_minute' => $s->to,
                    'set' => $s->set,
                ],
                $schedule->segments,
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function formalsOrder(\stdClass $input): array
    {
        $in = new Fields($input, ['presence', 'people', 'groups', 'before', 'never_together']);
        $presence = $in->oneOf('presence', Presence::class);
        $weights = [];
        foreach ($in->objects('people', ['id', 'weight']) as $f) {
            $weight = $f->number('weight', min: 0, default: 1);
            $weights[$f->newId($weights)] = floor($weight) === $weight ? (int) $weight : $weight;
        }
        $people = array_map(strval(...), array_keys($weights));
        $groups = [];
        foreach ($in->objects('groups', ['id', 'minutes', 'people']) as $f) {
            $minutes = $f->whole('minutes', 1);
            $id = $f->newId($groups);
            $inIt = $f->texts('people', $people, isOptional: false);
            if ($inIt === [] || count(array_unique($inIt)) !== count($inIt)) {
                throw $f->refusal('people', $inIt === [] ? 'must name somebody' : 'must name a person once');
            }
            $groups[$id] = new Group($id, $minutes, $inIt);
        }
        $found = FormalsOrder::best(
            $presence,
            array_values($groups),
            $weights,
            $in->pairs('before', array_map(strval(...), array_keys($groups))),
            $in->pairs('never_together', $people),
            Stopwatch::seconds(self::ORDER_S),
        );

        return [
            'order' => $found->order,
            'waiting' => $found->waiting,
            'lower_bound' => $found->lowerBound,
            'optimal' => $found->isOptimal,
            'next_to' => $found->nextTo,
        ];
    }
}
