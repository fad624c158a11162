<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

use NorthSatchel\Looked;
use NorthSatchel\Plan\Sending\DaySending;
use NorthSatchel\Plural;
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
     * @param  string  $desk  where the editor's desk is now
     */
    public static function of(array $pictures, ?float $rateMbS, int $now, string $desk = ''): Verdicts
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
        $slow = $rateMbS === null ? null : self::tooSlow($waiting, $rateMbS, $now);
        $found = $slow === null ? $found : [...$found, $slow];
        if ($waiting !== [] && $late === [] && $slow === null) {
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
        $after = array_values(array_filter($pictures, static fn (QueuedPicture $p): bool => ! $p->isWaiting() && $p->isLate($now)));
        if ($after !== []) {
            $found[] = Verdict::mind(
                'queue.came-late',
                (count($after) === 1 ? '1 picture' : count($after).' pictures').' came after the time: '.self::named($after).'.',
                'The editor may have gone on without '.(count($after) === 1 ? 'it' : 'them').': ask, before more is sent for that.',
                ['late' => count($after)],
            );
        }
        $elsewhere = array_values(array_filter(
            $pictures,
            static fn (QueuedPicture $p): bool => $p->sentTo !== null && $p->sentTo !== $desk,
        ));
        if ($elsewhere !== []) {
            $found[] = Verdict::mind(
                'queue.elsewhere',
                (count($elsewhere) === 1 ? '1 picture' : count($elsewhere).' pictures').' went to another desk than this one: '.
                    self::named($elsewhere).'.',
                'To '.Some::of(array_values(array_unique(array_map(static fn (QueuedPicture $p): string => (string) $p->sentTo, $elsewhere))), 3).
                    ', read back there. Where this editor wants them too, send them by hand.',
                ['pictures' => count($elsewhere)],
            );
        }
        $looked = $elsewhere === [] ? Looked::at(count($pictures), 'picture') : null;

        return new Verdicts($waiting !== [] || $looked === null ? $found : [
            ...$found,
            Verdict::fine(
                'queue.sent',
                'Everything in the queue went to the editor\'s desk.',
                "{$looked->words}, each read back there as it was sent.",
                $looked,
            ),
        ]);
    }

    /**
     * Those that are not due yet and will be before they are there, one after the other at that rate, what is due first first.
     *
     * @param  list<QueuedPicture>  $waiting
     */
    private static function tooSlow(array $waiting, float $rateMbS, int $now): ?Verdict
    {
        usort($waiting, static fn (QueuedPicture $a, QueuedPicture $b): int => ($a->dueAt ?? PHP_INT_MAX) <=> ($b->dueAt ?? PHP_INT_MAX));
        $slow = [];
        foreach ($waiting as $before => $picture) {
            $isThereAt = $now + ($before + 1) * DaySending::USUAL_MB / $rateMbS;
            if (! $picture->isLate($now) && $picture->dueAt !== null && $isThereAt > $picture->dueAt) {
                $slow[] = $picture;
            }
        }
        if ($slow === []) {
            return null;
        }

        return Verdict::fix(
            'queue.too-slow',
            "At {$rateMbS} MB/s ".(count($slow) === 1 ? '1 picture' : count($slow).' pictures').' will not be there in time: '.self::named($slow).'.',
            count($waiting).Plural::of(count($waiting), ' waits', ' wait').', each '.ceil(DaySending::USUAL_MB / $rateMbS).
                ' s as last measured. Another net, fewer of them, or a word to the editor now.',
            ['late' => count($slow)],
        );
    }

    /** @param  list<QueuedPicture>  $pictures */
    private static function named(array $pictures): string
    {
        return Some::of(array_map(static fn (QueuedPicture $p): string => $p->name, $pictures), self::MOST_NAMED);
    }
}
