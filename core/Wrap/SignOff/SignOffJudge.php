<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\SignOff;

use NorthSatchel\Looked;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Has the client signed off every final picture, while the set still stands? */
final class SignOffJudge
{
    public static function of(SignOff $off): Verdicts
    {
        // Where nothing is shown yet the client has nothing to answer to.
        if ($off->picks === [] || $off->pictures === []) {
            return new Verdicts();
        }
        $in = static fn (PictureState $state): array => array_values(
            array_filter($off->pictures, static fn (string $p): bool => $off->state($p) === $state),
        );
        $verdicts = [];
        foreach ($in(PictureState::Refused) as $picture) {
            $last = $off->last($picture);
            $verdicts[] = Verdict::fix(
                'sign-off.refused',
                "{$picture} is not signed off.",
                "{$last?->name} said no".($last === null || $last->words === '' ? '.' : ": “{$last->words}”.").
                    ' Show another pick while the set stands.',
            );
        }
        $open = $in(PictureState::Waiting);
        if ($open !== []) {
            $verdicts[] = Verdict::mind(
                'sign-off.waiting',
                count($open) === 1 ? "{$open[0]} waits for the client." : count($open).' final pictures wait for the client.',
                implode(', ', $open).': shown, and not answered. Finals are signed off while the set still stands.',
                ['pictures' => count($open)],
            );
        }
        $none = $in(PictureState::NoPick);
        if ($none !== []) {
            $verdicts[] = Verdict::mind(
                'sign-off.no-pick',
                count($none) === 1 ? "Of {$none[0]} the client is shown nothing." : 'Of '.count($none).' final pictures the client is shown nothing.',
                implode(', ', $none).': no pick yet.',
                ['pictures' => count($none)],
            );
        }
        $looked = Looked::at(count($off->pictures), 'final picture');

        return new Verdicts($verdicts !== [] || $looked === null ? $verdicts : [Verdict::fine(
            'sign-off.all',
            'Every final picture is signed off.',
            "{$looked->words}: ".implode('; ', array_map(
                static fn (string $p): string => "{$p} by {$off->last($p)?->name}",
                $off->pictures,
            )).'.',
            $looked,
        )]);
    }
}
