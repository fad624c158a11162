<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

use NorthSatchel\Remedy;
use NorthSatchel\Verdict;

/**
 * Is a card to be used again? Two faults of its own, or many years, and it is retired: cards cost little and
 * fail again (common practice, no source).
 */
final class CardHealth
{
    private const FAULTS = 2;

    private const YEARS = 5.0;

    private const YEAR_S = 365.25 * 86400;

    /** @return list<Verdict> */
    public static function of(int $cardId, string $label, CardLife $life, float $now): array
    {
        if ($life->isRetiring) {
            return $life->state === CardState::Retired
                ? []
                : [
                    Verdict::mind(
                        'card.retiring',
                        "{$label} is retired once it is empty.",
                        'It still holds frames: copy them, ask for the permit, and format it a last time.',
                    ),
                ];
        }
        $faults = array_values(array_filter($life->faults, static fn (CardFault $f): bool => $f->isCards));
        $years = $life->boughtAt === null ? 0.0 : ($now - $life->boughtAt) / self::YEAR_S;
        $remedy = new Remedy('card.retire', "Retire {$label}", ['card' => $cardId]);
        if (count($faults) >= self::FAULTS) {
            return [
                Verdict::fix(
                    'card.faults',
                    "{$label} has failed ".count($faults).' times: retire it.',
                    ucfirst(
                        implode(
                            '; ',
                            array_map(
                                static fn (CardFault $f): string => gmdate('Y-m-d', (int) $f->at).', '.$f->words,
                                array_slice($faults, -3),
                            ),
                        ),
                    ).'. A card that failed twice fails again.',
                    ['faults' => count($faults)],
                    $remedy,
                ),
            ];
        }
        if ($years >= self::YEARS) {
            return [
                Verdict::mind(
                    'card.old',
                    "{$label} is ".(int) $years.' years old.',
                    'Flash cells wear; past five years a card is kept as a spare at most.',
                    ['years' => (int) $years],
                    $remedy,
                ),
            ];
        }

        return $faults === []
            ? []
            : [
                Verdict::mind(
                    'card.fault',
                    "{$label} has failed once.",
                    ucfirst("{$faults[0]->words}: one more and it is retired. Never both cards of a pair from those that failed."),
                    ['faults' => 1],
                ),
            ];
    }
}
