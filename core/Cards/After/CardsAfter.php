<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\After;

use NorthSatchel\Cards\CardState;
use NorthSatchel\Cards\Twin\TwinVerdict;
use NorthSatchel\Looked;
use NorthSatchel\Remedy;
use NorthSatchel\Severity;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What does each shot card still need before it may be formatted? Seal, twin check, permit, in this order. */
final class CardsAfter
{
    /** @param  list<CardAfter>  $cards */
    public static function of(array $cards): Verdicts
    {
        return new Verdicts(array_map(self::one(...), $cards));
    }

    private static function one(CardAfter $card): Verdict
    {
        $label = $card->label;
        $on = ['card' => $card->cardId];
        if (! $card->life->isSealed) {
            return Verdict::fix(
                'cards.not-sealed',
                "{$label} is shot and not sealed.",
                'Until its frames are listed nobody can say that all of them are safe.',
                remedy: new Remedy('card.seal', 'Seal it', $on),
            );
        }
        if ($card->life->differing !== []) {
            return Verdict::stop(
                'cards.differs',
                "{$label} does not hold what was sealed.",
                basename($card->life->differing[0]).
                    (count($card->life->differing) > 1 ? ' and more were' : ' was').
                    ' read and held something else. What was copied is of what was sealed: seal it again, and copy it.',
                remedy: new Remedy('card.seal', 'Seal it again', $on),
            );
        }
        if ($card->life->twinCheck === null) {
            return Verdict::fix(
                'cards.no-twin-check',
                "{$label} has not been compared with its twin.",
                'Only the comparison tells whether its frames came out whole; do it before leaving the place.',
                remedy: new Remedy('card.twin', 'Compare it now', $on),
            );
        }
        $verdict = $card->life->twinCheck->verdict;
        $frames = $card->life->twinCheck->frames;
        if ($verdict === TwinVerdict::Loss || $verdict === TwinVerdict::Undecided) {
            return Verdict::stop(
                'cards.twin-trouble',
                "Frames on {$label} are whole on neither card.",
                "The twin check of {$frames} frames says {$verdict->value}: keep both cards as they are and try to rescue them.",
                ['frames' => $frames],
            );
        }
        if ($card->life->state === CardState::Permitted && $card->permit !== null) {
            return $card->permit->severity === Severity::Fine
                ? Verdict::fine('cards.permitted', "{$label} may be formatted.", $card->permit->because, Looked::one("the permit of {$label}"))
                : Verdict::stop(
                    'cards.permit-void',
                    "The permit of {$label} is void.",
                    $card->permit->because,
                    remedy: $card->permit->remedy,
                );
        }

        $says = $card->life->isAlone()
            ? "Its {$frames} frames were looked through by themselves: it has no twin, and wants one copy more"
            : "The twin check of {$frames} frames says {$verdict->value}";

        return Verdict::mind(
            'cards.waits',
            "{$label} waits for its permit.",
            "{$says}. Once its copies are verified, ask for it.",
            ['frames' => $frames],
        );
    }
}
