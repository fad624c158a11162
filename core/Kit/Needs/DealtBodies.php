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

    /** One that has yet to be put in, taken to be of the same kind: what is in a hand does not stand alone as well. */
    private static function further(Gear $like): Gear
    {
        return new Gear($like->id, 'a further body', $like->kind, $like->specs, $like->weightG);
    }
}
