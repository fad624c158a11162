<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Plan\Sending\WantedPicture;
use NorthSatchel\Plural;
use NorthSatchel\Time\Priority;

/** What sending while the job still goes on asks of the kit. */
final class SendNeeds
{
    /**
     * @param  list<WantedPicture>  $pictures
     * @return list<Need>
     */
    public static function of(array $pictures): array
    {
        $count = array_sum(array_map(static fn (WantedPicture $p): int => $p->count, $pictures));
        if ($pictures === []) {
            return [];
        }
        usort($pictures, static fn (WantedPicture $a, WantedPicture $b): int => $a->due->minutes <=> $b->due->minutes);

        return [
            new Need(
                'computer-sending',
                NeedWhat::Computer,
                1,
                Priority::Should,
                false,
                'a computer',
                Plural::of($count, '1 picture is', "{$count} pictures are")." wanted early, the first by {$pictures[0]->due->text()}: chosen, ".
                    'captioned and sent in the gaps. A phone that does all that serves too.',
            ),
        ];
    }
}
