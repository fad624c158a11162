<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\RemoteWork;
use NorthSatchel\Kit\Shelf\Gear;

/** Which body takes how many of the planned frames, and which stand alone. */
final class DealtBodies
{
    /**
     * The bodies of a packing list: a lane's frames are shared out among its own; what stands alone is the last body of
     * whoever has most, as long as each keeps one.
     *
     * @param  array<string, non-empty-list<Gear>>  $byLane
     * @param  array<string, int>  $framesByLane  planned
     * @param  list<RemoteWork>  $remotes
     */
    public static function dealt(array $byLane, array $framesByLane, array $remotes): DealtWork
    {
        $shared = $alone = [];
        foreach ($byLane === [] ? [] : $remotes as $remote) {
            $from = (string) array_key_first($byLane);
            foreach ($byLane as $lane => $some) {
                $from = count($some) > count($byLane[$from]) ? $lane : $from;
            }
            $some = $byLane[$from];
            $last = $some[count($some) - 1];
            $alone[] = new LoneWork(count($some) > 1 ? $last : self::further($last), $remote->frames, $remote->hours);
            $byLane[$from] = array_slice($some, 0, max(1, count($some) - 1));
        }
        foreach ($byLane as $lane => $some) {
            foreach ($some as $body) {
                $shared[] = new BodyWork(body: $body, frames: (int) ceil(($framesByLane[$lane] ?? 0) / count($some)));
            }
        }

        return new DealtWork(shared: $shared, alone: $alone);
    }

    /**
     * Which bodies stand alone: those that no photographer holds, else the last ones.
     *
     * @param  list<Gear>  $bodies
     * @param  list<int>  $held  ids of bodies in a hand
     * @param  list<RemoteWork>  $remotes
     * @return list<LoneWork>
     */
    public static function alone(array $bodies, array $held, array $remotes): array
    {
        $free = array_values(array_filter($bodies, static fn (Gear $b): bool => ! in_array($b->id, $held, true)));
        $alone = [];
        foreach ($bodies === [] ? [] : $remotes as $i => $remote) {
            $alone[] = new LoneWork($free[$i] ?? self::further($bodies[count($bodies) - 1]), $remote->frames, $remote->hours);
        }

        return $alone;
    }

    /** One that has yet to be put in, taken to be of the same kind: what is in a hand does not stand alone as well. */
    private static function further(Gear $like): Gear
    {
        return new Gear($like->id, 'a further body', $like->kind, $like->specs, $like->weightG);
    }

    /**
     * A lane's frames shared out among its bodies, where it is not known yet who carries which: one each, then a second one; what is
     * over hangs on the lead as a spare, with cards and cells of its own, as in the bag.
     *
     * @param  list<Gear>  $bodies
     * @param  array<string, int>  $framesByLane
     * @param  array<string, int>  $bodiesByLane  wanted
     * @param  int  $alone  how many stand alone
     * @return list<BodyWork>
     */
    public static function shared(array $bodies, array $framesByLane, array $bodiesByLane, int $alone = 0): array
    {
        $slots = [];
        for ($round = 1; $round <= 2; $round++) {
            foreach ($bodiesByLane as $lane => $wanted) {
                if ($wanted >= $round && count($slots) < count($bodies)) {
                    $slots[] = $lane;
                }
            }
        }
        for ($over = count($bodies) - count($slots) - $alone; $over > 0 && $bodiesByLane !== []; $over--) {
            $slots[] = isset($bodiesByLane['lead']) ? 'lead' : (string) array_key_first($bodiesByLane);
        }
        $of = array_count_values($slots);

        return array_map(
            static fn (string $lane, int $i): BodyWork => new BodyWork(
                body: $bodies[$i],
                frames: (int) ceil(($framesByLane[$lane] ?? 0) / $of[$lane]),
            ),
            $slots,
            array_keys($slots),
        );
    }
}
