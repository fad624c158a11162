<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Can a card be used on a job, by its log and by what lies on it? */
final class CardUse
{
    /** What several cards in the same state are told in one sentence, and why. */
    private const MANY = [
        'card.full' => [
            ' still hold frames of another job.',
            'They are not counted among the cards of this job until those are safe and each was formatted under its permit.',
        ],
        'card.retiring' => [
            ' are retired once they are empty.',
            'They still hold frames: copy them, ask for the permits, and format them a last time.',
        ],
    ];

    /**
     * One sentence for cards in the same state, where each would have one of its own.
     *
     * @param  array<string, list<Verdict>>  $found  by label
     * @return list<Verdict>
     */
    public static function together(array $found): array
    {
        $labels = $told = [];
        foreach ($found as $label => $verdicts) {
            foreach ($verdicts as $verdict) {
                $labels[$verdict->code][] = (string) $label;
            }
        }
        foreach (array_merge(...array_values($found)) as $verdict) {
            $of = $labels[$verdict->code];
            $many = count($of) > 1 ? self::MANY[$verdict->code] ?? null : null;
            if ($many === null) {
                $told[] = $verdict;

                continue;
            }
            $make = $verdict->code === 'card.full' ? Verdict::fix(...) : Verdict::mind(...);
            // The first stands for all.
            $told[$verdict->code] ??= $make($verdict->code, Some::of($of, 3).$many[0], $many[1], ['cards' => count($of)]);
        }

        return array_values($told);
    }

    /** Said before the job: what is shot on one card alone has nothing that heals it. */
    public static function alone(string $label, string $body, int $copies, int $more): Verdict
    {
        return Verdict::mind(
            'card.alone',
            "{$body} writes to {$label} alone.",
            'No second card is in it, so a frame that is damaged there is damaged everywhere. '.
                ($more === 0
                    ? "Your rule asks for {$copies} verified copies all the same."
                    : "Your rule asks for {$more} verified ".
                        Plural::of($more, 'copy', 'copies').
                        " more before it may be formatted: {$copies} in all."),
            ['copies' => $copies],
        );
    }

    /**
     * @param  bool|null  $isEmpty  whether nothing lies on it, where it was looked at; null where it is not in a reader
     * @return list<Verdict>
     */
    public static function of(int $cardId, string $label, CardLife $life, int $jobId, ?bool $isEmpty): array
    {
        $isFull = in_array($life->state, [CardState::Shot, CardState::Permitted], true);

        $clash =
            $life->clashes === []
                ? []
                : [
                    Verdict::mind(
                        'card.clash',
                        "Something was tapped of {$label} that does not fit.",
                        implode(' ', array_slice($life->clashes, -3)).' The tap is kept; look at the card itself.',
                        ['card' => $cardId, 'clashes' => count($life->clashes)],
                    ),
                ];

        return [
            ...$clash,
            ...match (true) {
                $life->state === CardState::Aside => [
                    Verdict::fix(
                        'card.aside',
                        "{$label} is out of use.",
                        ucfirst((string) $life->aside).' It is not counted among the cards of this job.',
                        ['card' => $cardId],
                    ),
                ],
                $isFull && $life->jobId !== null && $life->jobId !== $jobId => [
                    Verdict::fix(
                        'card.full',
                        "{$label} still holds frames of another job.",
                        'It is not counted among the cards of this job until those are safe and it was formatted under its permit.',
                        ['card' => $cardId],
                    ),
                ],
                $life->state === CardState::Ready && $isEmpty === false => [
                    Verdict::stop(
                        'card.not-empty',
                        "{$label} is not empty.",
                        'Its log calls it ready, and files lie on it: put it down as shot, seal it and see what they are. It must not '.
                            'be formatted before.',
                        ['card' => $cardId],
                        new Remedy('card.seal', 'Seal it', ['card' => $cardId]),
                    ),
                ],
                default => [],
            },
        ];
    }
}
