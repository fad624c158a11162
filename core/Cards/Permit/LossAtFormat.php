<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/**
 * What a format may have cost, found afterwards: the permit had become void in between, or nobody looked just before. The card
 * is not used again then, for what was formatted can often still be rescued.
 */
final class LossAtFormat
{
    private const NAMED = 5;

    /** @param  list<string>  $fallen  evidence that counts no more, a sentence each */
    public static function of(string $card, Proof $proof, array $fallen, bool $wasReleased): ?Verdict
    {
        $unsafe = $proof->unsafe();
        if ($unsafe !== []) {
            $count = count($unsafe);
            $names = Some::of(
                array_map(
                    static fn (FileProof $f): string => basename($f->file->name).
                        ($f->on === []
                            ? ' (lies nowhere that is known)'
                            : ' (lies on '.implode(' and ', array_map(static fn (BagReading $b): string => $b->place(), $f->on)).')'),
                    $unsafe,
                ),
                self::NAMED,
            );

            return Verdict::stop(
                'permit.lost',
                "{$card} was formatted when its permit was void.",
                Plural::share($count, count($proof->files), 'file', 'files', 'was', 'were').
                    " not safe by then: {$names}".
                    '. '.
                    ($fallen === [] ? '' : ucfirst(implode('. ', $fallen)).'. ').
                    'They may still be found there, on its twin, or by a rescue of the card: do not write to it.',
                ['unsafe' => $count],
            );
        }

        return $wasReleased
            ? null
            : Verdict::stop(
                'permit.unseen',
                "{$card} was formatted without a last look.",
                'What was on it when the permit was given is safe; whether anything was added after that, nobody can say. If nothing '.
                    'was shot on it since, say so and it is back in use.',
            );
    }
}
