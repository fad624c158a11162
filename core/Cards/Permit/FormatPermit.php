<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * May this card be formatted? Only when the proof cannot be refuted: everything on it lies by content on enough different media,
 * healed from its twin where that was needed, or given up in writing; nothing on it changed; and somebody looked.
 */
final readonly class FormatPermit
{
    private function __construct(public bool $isGranted, public Verdicts $verdicts, public PermitQuestion $question) {}

    public static function of(PermitQuestion $q): self
    {
        $against =
            $q->unreadable !== null
                ? [self::unreadable($q)]
                : array_values(
                    array_filter([
                        self::seal($q),
                        self::change($q),
                        self::differs($q),
                        self::nothing($q),
                        self::twin($q),
                        self::damage($q),
                        self::odd($q),
                        self::unread($q),
                        EnoughCopies::copies($q),
                        EnoughCopies::elsewhere($q),
                        self::look($q),
                    ]),
                );

        return $against === [] ? new self(true, new Verdicts([self::granted($q)]), $q) : new self(false, new Verdicts($against), $q);
    }

    private static function granted(PermitQuestion $q): Verdict
    {
        $healed = count(array_filter($q->proof->files, static fn (FileProof $f): bool => $f->file->healing !== null));
        $given = count(array_filter($q->proof->files, static fn (FileProof $f): bool => $f->file->isGivenUp));
        $count = count($q->proof->files);
        $where = implode(' and ', $q->proof->places());
        $bad = $q->look->bad ?? [];

        return Verdict::fine(
            'permit.granted',
            "{$q->card} may be formatted.",
            self::kept($count, $given, $q->proof->wanted, $where)."; {$healed} healed from the twin, {$given} given up in writing.".
                ($q->isAlone ? ' It has no twin, so one more copy was wanted.' : '').
                ($bad === [] ? '' : ' Found bad at 1:1 and let go in writing: '.UnsafeFiles::named($bad).'.').
                ($q->readAgain === null ? '' : " {$q->readAgain}"),
            Looked::at($count, 'file') ?? throw new \LogicException('Of nothing a permit was given.'),
            ['files' => $count, 'healed' => $healed, 'given_up' => $given],
        );
    }

    /** What is given up is verified nowhere, and not said to be. */
    private static function kept(int $files, int $given, int $wanted, string $where): string
    {
        $on = "verified by content on {$wanted} ".Plural::of($wanted, 'medium', 'media')." ({$where})";

        return match (true) {
            $given === $files => Plural::of($files, 'The one file on it is kept nowhere', "None of the {$files} files on it is kept anywhere"),
            $given > 0 => $files - $given." of {$files} files on it ".Plural::of($files - $given, 'is', 'are')." {$on}",
            default => Plural::of($files, 'The one file on it is', "All {$files} files on it are")." {$on}",
        };
    }

    private static function unreadable(PermitQuestion $q): Verdict
    {
        return Verdict::stop('permit.unreadable', "{$q->card} cannot be looked at.", ucfirst((string) $q->unreadable).'.');
    }

    private static function seal(PermitQuestion $q): ?Verdict
    {
        return $q->isSealed
            ? null
            : Verdict::stop(
                'permit.not-sealed',
                "{$q->card} has not been sealed.",
                'Until everything on it is listed nobody can say that all of it is safe.',
                remedy: new Remedy('card.seal', 'Seal the card', ['card' => $q->cardId]),
            );
    }

    private static function change(PermitQuestion $q): ?Verdict
    {
        $count = count($q->changed);

        return $count === 0
            ? null
            : Verdict::stop(
                'permit.changed',
                "{$q->card} has changed since it was sealed.",
                Plural::of($count, 'One file is', "{$count} files are").' new, gone or different: '.UnsafeFiles::named($q->changed).'.',
                ['changed' => $count],
                new Remedy('card.seal', 'Seal it again', ['card' => $q->cardId]),
            );
    }

    private static function differs(PermitQuestion $q): ?Verdict
    {
        $count = count($q->differing);

        return $count === 0
            ? null
            : Verdict::stop(
                'permit.differs',
                "{$q->card} does not hold what was sealed.",
                Plural::of($count, 'One file was', "{$count} files were").
                    ' read and held something else, with the size and time as before: '.
                    UnsafeFiles::named($q->differing).
                    '. What was copied is of what was sealed.',
                ['differing' => $count],
                new Remedy('card.seal', 'Seal it again', ['card' => $q->cardId]),
            );
    }

    private static function nothing(PermitQuestion $q): ?Verdict
    {
        return ! $q->isSealed || $q->proof->files !== []
            ? null
            : Verdict::stop(
                'permit.nothing',
                "Nothing is known to lie on {$q->card}.",
                'Of nothing, nothing is proved: seal it again.',
                remedy: new Remedy('card.seal', 'Seal it again', ['card' => $q->cardId]),
            );
    }

    private static function twin(PermitQuestion $q): ?Verdict
    {
        return ! $q->isSealed || $q->isTwinChecked
            ? null
            : Verdict::stop(
                'permit.no-twin-check',
                "{$q->card} has not been compared with its twin.",
                'Only the comparison tells whether its frames came out whole; one without a twin is looked through by itself.',
                remedy: new Remedy('card.twin', 'Compare the two cards', ['card' => $q->cardId]),
            );
    }

    private static function damage(PermitQuestion $q): ?Verdict
    {
        $names = array_map(strval(...), array_keys($q->notWhole));
        if ($names === []) {
            return null;
        }
        $count = count($names);
        $first = basename($names[0]);
        $isDamaged = $q->notWhole[$names[0]] === Side::Damaged;

        return Verdict::stop(
            'permit.damaged',
            Plural::of($count, "{$first} is whole on neither card.", "{$count} frames are whole on neither card."),
            "{$first} is ".
                ($isDamaged ? 'damaged' : 'unknown').
                ' here and no intact twin is known: try to rescue it before anything is formatted, or give it up in writing.',
            ['damaged' => $count],
            new Remedy('card.accept-loss', 'Give it up in writing', ['card' => $q->cardId, 'path' => $names[0]]),
        );
    }

    /** What is no plain file, or cannot be read, cannot be proved; it can be given up in writing. */
    private static function odd(PermitQuestion $q): ?Verdict
    {
        $odd = array_values(
            array_filter(
                $q->proof->unsafe(),
                static fn (FileProof $f): bool => $f->file->whyNot !== null && ! isset($q->notWhole[$f->file->name]),
            ),
        );
        if ($odd === []) {
            return null;
        }
        $name = $odd[0]->file->name;

        return Verdict::stop(
            'permit.not-a-file',
            count($odd) === 1 ? "{$name} on it cannot be proved." : count($odd)." things on {$q->card} cannot be proved.",
            "{$name}: {$odd[0]->file->whyNot}. Copies hold plain files only: see what it is, or give it up in writing.",
            ['odd' => count($odd)],
            new Remedy('card.accept-loss', 'Give it up in writing', ['card' => $q->cardId, 'path' => $name]),
        );
    }

    private static function unread(PermitQuestion $q): ?Verdict
    {
        $unread = UnsafeFiles::of($q, static fn (FileProof $f): bool => $f->file->wanted() === null);
        $count = count($unread);

        return $count === 0 || ! $q->isSealed
            ? null
            : Verdict::stop(
                'permit.unread',
                "Nobody has read what {$q->card} holds.",
                Plural::share($count, count($q->proof->files), 'file', 'files', 'was', 'were').
                    ' listed and not read since: copying reads them, and so does asking for the permit.',
                ['unread' => $count],
                new Remedy('copy.start', 'Copy it to the drives', ['card' => $q->cardId]),
            );
    }

    /** A frame can be whole, verified, and out of focus: somebody must have looked while it can still be shot again. */
    private static function look(PermitQuestion $q): ?Verdict
    {
        if (! $q->asksForLook || ! $q->isSealed || $q->proof->files === []) {
            return null;
        }
        $remedy = new Remedy('card.look', 'Look at frames 1:1', ['card' => $q->cardId]);
        if ($q->look === null) {
            return Verdict::stop(
                'permit.not-looked',
                "Nobody has looked at {$q->card} at 1:1.",
                'Hashes tell that a file is whole, not that it is sharp: look at some frames pixel for pixel first.',
                remedy: $remedy,
            );
        }

        return $q->look->isPassed()
            ? null
            : Verdict::stop(
                'permit.look-bad',
                "The look at {$q->card} found trouble.",
                ($q->look->bad === []
                    ? ''
                    : UnsafeFiles::named($q->look->bad).' '.Plural::of(count($q->look->bad), 'is', 'are').' not as wanted. ').
                    ($q->look->words === '' ? '' : "“{$q->look->words}” ").
                    'Shoot again what can be shot again; or look once more, and say in writing that the card may go all the same.',
                ['bad' => count($q->look->bad)],
                $remedy,
            );
    }
}
