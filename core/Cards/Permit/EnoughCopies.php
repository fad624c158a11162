<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/** Whether copies are enough, and one of them elsewhere. */
final class EnoughCopies
{
    public static function copies(PermitQuestion $q): ?Verdict
    {
        $short = UnsafeFiles::of($q, static fn (FileProof $f): bool => $f->file->wanted() !== null && count($f->on) < $q->proof->wanted);
        if ($short === [] || ! $q->isSealed) {
            return null;
        }
        $counts = array_map(static fn (FileProof $f): int => count($f->on), $short);
        $least = min($counts);
        $first = $short[(int) array_search($least, $counts, true)];
        $count = count($short);
        $all = count($q->proof->files);
        $fallen =
            $q->fallen === []
                ? ''
                : ' '.implode(' ', array_map(static fn (string $why): string => ucfirst($why).'.', array_slice($q->fallen, 0, 3)));

        return Verdict::stop(
            'permit.copies',
            "{$q->card} holds frames that are not safe yet.",
            Plural::share($count, $all, 'file', 'files', 'lies', 'lie').
                " by content on fewer than {$q->proof->wanted} media, the least {$least}: ".
                basename($first->file->name).
                ($first->on === []
                    ? ' lies nowhere else.'
                    : ' lies on '.implode(' and ', array_map(static fn (BagReading $b): string => $b->place(), $first->on)).' alone.').
                " The card itself is not counted.{$fallen}".
                ($q->isAlone ? ' It has no twin, so one more copy is wanted.' : ''),
            ['short' => $count, 'least' => $least],
            new Remedy('copy.start', 'Copy it to the drives', ['card' => $q->cardId]),
        );
    }

    /** By the owner's rule a card may have to wait until its copy elsewhere is verified. */
    public static function elsewhere(PermitQuestion $q): ?Verdict
    {
        $short = UnsafeFiles::of(
            $q,
            static fn (FileProof $f): bool => $f->file->wanted() !== null && $q->proof->isElsewhereAsked && ! $f->isElsewhere(),
        );
        $count = count($short);

        return $count === 0 || ! $q->isSealed
            ? null
            : Verdict::stop(
                'permit.elsewhere',
                "{$q->card} waits for its copy elsewhere.",
                Plural::share($count, count($q->proof->files), 'file', 'files', 'lies', 'lie').
                    ' verified nowhere outside the house and the bag, and your rule says that cards stay until they do.',
                ['short' => $count],
                new Remedy('copy.start', 'Copy it to the drives', ['card' => $q->cardId]),
            );
    }
}
