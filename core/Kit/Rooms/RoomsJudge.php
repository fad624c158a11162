<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Does the lens take in each room, is the sun on each front when it is taken, and is it over in time? */
final class RoomsJudge
{
    /** Less is a strip of wall (common practice, no source). */
    private const MUCH_DEG = 5.0;

    /**
     * Whether something else of the job is laid into the same hours.
     *
     * @param  list<RoomTurn>  $turns  in their order
     * @param  int  $from  of the elements, minutes of the clock
     */
    public static function sameHours(array $turns, int $from, int $to): ?Verdict
    {
        $at = array_values(array_filter($turns, static fn (RoomTurn $t): bool => $t->from < $to && $t->to > $from));
        if ($at === []) {
            return null;
        }
        $name = $at[0]->shot->room->name;

        return Verdict::fix(
            'rooms.same-hours',
            Plural::of(count($at), "{$name} is taken while elements are.", count($at).' rooms and fronts are taken while elements are.'),
            'The elements run from '.ClockTime::face($from).' to '.ClockTime::face($to).", {$name} from {$at[0]->hours()}: ".
                'begin the elements at another hour, or take the rooms on another day.',
            ['rooms' => count($at)],
        );
    }

    /** @param  list<RoomTurn>  $turns  in their order */
    public static function of(array $turns, int $endsAt): Verdicts
    {
        $looked = Looked::at(count($turns), 'room or front', 'rooms and fronts');
        if ($looked === null) {
            return new Verdicts();
        }
        $found = [];
        foreach ($turns as $turn) {
            $name = $turn->shot->room->name;
            if ($turn->shot->isWhole() === false) {
                $misses = $turn->shot->fit?->missingDeg() ?? 0.0;
                $says = ["{$name} does not fit from its corner.", ucfirst($turn->shot->says()).'.'];
                $found[] = $misses > self::MUCH_DEG ? Verdict::fix('rooms.corner', ...$says) : Verdict::mind('rooms.corner', ...$says);
            }
            if ($turn->shot->fit === null && $turn->shot->room->facesDeg === null) {
                $found[] = Verdict::mind(
                    'rooms.unmeasured',
                    "How large {$name} is nobody has typed.",
                    'Without it no lens can be said to take it in.',
                );
            }
            if ($turn->shot->fit !== null && $turn->shot->widestMm === null) {
                $found[] = Verdict::mind('rooms.no-lens', "Which lens takes in {$name} nobody can say.", 'No lens is on the kit list of this job.');
            }
            if ($turn->shot->room->facesDeg !== null && ! $turn->isInSun()) {
                $found[] = Verdict::mind(
                    'rooms.front',
                    $turn->sun === null ? "{$name} has no sun that day." : "{$name} is taken while the sun is not on it.",
                    $turn->sun === null
                        ? 'Take it under an even sky, or at dusk with the lamps on.'
                        : ucfirst($turn->sunSays()).", and it is taken {$turn->hours()}: begin at another hour, or come back.",
                );
            }
        }
        $last = $turns[count($turns) - 1];
        if ($last->to > $endsAt) {
            $found[] = Verdict::fix(
                'rooms.late',
                'The house is over at '.ClockTime::face($last->to).': '.Span::hours($last->to - $endsAt).' too late.',
                "{$looked->words} from ".ClockTime::face($turns[0]->from).'. Fewer pictures, or more hours.',
                ['late_minutes' => $last->to - $endsAt],
            );
        }

        return new Verdicts($found !== [] ? $found : [Verdict::fine(
            'rooms.fit',
            'The house fits: every room from its corner, every front in its sun, over in time.',
            "{$looked->words}, over at ".ClockTime::face($last->to).' of '.ClockTime::face($endsAt).'.',
            $looked,
        )]);
    }
}
