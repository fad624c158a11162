<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Remedy;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * May this card be formatted? Only when every frame on it is intact, healed from its twin or given up
 * in writing, and lies verified on enough different devices. Source cards are not counted.
 */
final readonly class FormatPermit
{
    private function __construct(public bool $isGranted, public Verdicts $verdicts) {}

    public static function of(PermitQuestion $q): self
    {
        $against = array_values(array_filter([self::seal($q), self::change($q), self::twin($q), self::damage($q), self::copies($q), self::elsewhere($q), self::look($q)]));
        if ($against !== []) {
            return new self(false, new Verdicts($against));
        }
        $healed = count(array_filter($q->frames, static fn (PermitFrame $f): bool => $f->isHealed()));
        $given = count(array_filter($q->frames, static fn (PermitFrame $f): bool => $f->isLossAccepted));
        $count = count($q->frames);
        $devices = [];
        foreach ($q->frames as $frame) {
            $devices = [...$devices, ...$frame->safeDevices()];
        }
        $where = implode(' and ', array_values(array_unique($devices)));

        return new self(true, new Verdicts([Verdict::fine(
            'permit.granted',
            "{$q->card} may be formatted.",
            "All {$count} files are verified on {$q->wantedCopies} devices ({$where}); {$healed} healed from the twin, {$given} given up in writing.",
            ['files' => $count, 'healed' => $healed, 'given_up' => $given],
        )]));
    }

    private static function seal(PermitQuestion $q): ?Verdict
    {
        if ($q->unreadable !== null) {
            return Verdict::stop('permit.unreadable', "{$q->card} cannot be looked at.", ucfirst($q->unreadable).'.');
        }

        return $q->isSealed ? null : Verdict::stop('permit.not-sealed', "{$q->card} has not been sealed.",
            'Until its frames are listed nobody can say that all of them are safe.', remedy: new Remedy('card.seal', 'Seal the card', ['card' => $q->cardId]));
    }

    private static function change(PermitQuestion $q): ?Verdict
    {
        if ($q->changed === []) {
            return null;
        }
        $count = count($q->changed);

        return Verdict::stop('permit.changed', "{$q->card} has changed since it was sealed.",
            ($count === 1 ? 'One file is' : "{$count} files are").' new, gone or different: '.basename($q->changed[0]).($count > 1 ? ' and more.' : '.'),
            ['changed' => $count], new Remedy('card.seal', 'Seal it again', ['card' => $q->cardId]));
    }

    private static function twin(PermitQuestion $q): ?Verdict
    {
        return ! $q->isSealed || $q->isTwinChecked ? null : Verdict::stop('permit.no-twin-check', "{$q->card} has not been compared with its twin.",
            'Only the comparison tells whether its frames came out whole.', remedy: new Remedy('card.twin', 'Compare the two cards', ['card' => $q->cardId]));
    }

    private static function damage(PermitQuestion $q): ?Verdict
    {
        $bad = array_values(array_filter($q->frames, static fn (PermitFrame $f): bool => $f->state !== Side::Intact && ! $f->isHealed() && ! $f->isLossAccepted));
        if ($bad === []) {
            return null;
        }
        $count = count($bad);
        $first = basename($bad[0]->path);

        return Verdict::stop('permit.damaged', $count === 1 ? "{$first} is whole on neither card." : "{$count} frames are whole on neither card.",
            "{$first} is {$bad[0]->state->value} here and no intact twin is known: try to rescue it before anything is formatted, or give it up in writing.",
            ['damaged' => $count], new Remedy('card.accept-loss', 'Give it up in writing', ['card' => $q->cardId, 'path' => $bad[0]->path]));
    }

    /** By the owner's rule a card may have to wait until its copy elsewhere is verified. */
    private static function elsewhere(PermitQuestion $q): ?Verdict
    {
        if ($q->elsewhere === null || ! $q->isSealed) {
            return null;
        }
        $away = $q->elsewhere;
        $short = array_filter($q->frames, static fn (PermitFrame $f): bool => ! $f->isLossAccepted && array_intersect($f->safeDevices(), $away) === []);
        $count = count($short);

        return $count === 0 ? null : Verdict::stop('permit.elsewhere', "{$q->card} waits for its copy elsewhere.", "{$count} of ".count($q->frames).' files lie verified nowhere outside the house and the bag, and your rule says that cards stay until they do.', ['short' => $count], new Remedy('copy.start', 'Copy it to the drives', ['card' => $q->cardId]));
    }

    /** A frame can be whole, verified, and out of focus: somebody must have looked while it can still be shot again. */
    private static function look(PermitQuestion $q): ?Verdict
    {
        return $q->isLookedAt !== false || ! $q->isSealed || $q->frames === [] ? null : Verdict::stop('permit.not-looked', "Nobody has looked at {$q->card} at 1:1.", 'Hashes tell that a file is whole, not that it is sharp: look at some frames pixel for pixel first.', remedy: new Remedy('card.look', 'Look at frames 1:1', ['card' => $q->cardId]));
    }

    private static function copies(PermitQuestion $q): ?Verdict
    {
        $short = array_values(array_filter($q->frames, static fn (PermitFrame $f): bool => ! $f->isLossAccepted && $f->safeOn() < $q->wantedCopies));
        if ($short === [] || ! $q->isSealed) {
            return null;
        }
        $least = min(array_map(static fn (PermitFrame $f): int => $f->safeOn(), $short));
        $count = count($short);
        $all = count($q->frames);

        return Verdict::stop('permit.copies', "{$q->card} holds frames that are not safe yet.",
            "{$count} of {$all} files have fewer than {$q->wantedCopies} verified copies on different devices, the least {$least}. The card itself is not counted.",
            ['short' => $count, 'least' => $least], new Remedy('copy.start', 'Copy it to the drives', ['card' => $q->cardId]));
    }
}
