<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Sending\DaySending;
use NorthSatchel\Some;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is what was promised early on the editor's desk (M39)? */
final class QueueJudge
{
    private const MOST_NAMED = 3;

    /**
     * @param  list<QueuedPicture>  $pictures
     * @param  float|null  $rateMbS  as last measured; null before the first was sent
     * @param  int  $now  Unix seconds
     */
    public static function of(array $pictures, ?float $rateMbS, int $now): Verdicts
    {
        $waiting = array_values(array_filter($pictures, static fn (QueuedPicture $p): bool => $p->isWaiting()));
        $late = array_values(array_filter($waiting, static fn (QueuedPicture $p): bool => $p->isLate($now)));
        $failed = array_values(array_filter($waiting, static fn (QueuedPicture $p): bool => $p->why !== null));
        $found = [];
        if ($late !== []) {
            $found[] = Verdict::fix(
                'queue.late',
                (count($late) === 1 ? '1 picture is' : count($late).' pictures are').' due and not there: '.self::named($late).'.',
                'Send them before anything else, and tell the editor which come late.',
                ['late' => count($late)],
            );
        }
        if ($failed !== []) {
            $found[] = Verdict::fix(
                'queue.failed',
                count($failed) === 1 ? '1 picture did not go through.' : count($failed).' pictures did not go through.',
                "{$failed[0]->name}: {$failed[0]->why}",
                ['failed' => count($failed)],
            );
        }
        if ($waiting !== [] && $late === []) {
            $seconds = $rateMbS === null ? null : (int) ceil(count($waiting) * DaySending::USUAL_MB / $rateMbS);
            $found[] = Verdict::mind(
                'queue.waiting',
                count($waiting) === 1 ? '1 picture waits to be sent.' : count($waiting).' pictures wait to be sent.',
                $seconds === null
                    ? 'The rate is not measured yet: the first that is sent tells it.'
                    : "At {$rateMbS} MB/s, as last measured, about {$seconds} s of the next gap.",
                ['waiting' => count($waiting)],
            );
        }
        $looked = Looked::at(count($pictures), 'picture');

        return new Verdicts($waiting !== [] || $looked === null ? $found : [
            Verdict::fine(
                'queue.sent',
                'Everything in the queue went to the editor\'s desk.',
                "{$looked->words}, each read back there as it was sent.",
                $looked,
            ),
        ]);
    }

    /** @param  list<QueuedPicture>  $pictures */
    private static function named(array $pictures): string
    {
        return Some::of(array_map(static fn (QueuedPicture $p): string => $p->name, $pictures), self::MOST_NAMED);
    }
}
