<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Scout\Ground\GroundZone;
use NorthSatchel\Scout\Ground\ZoneRole;
use NorthSatchel\Some;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is every side covered, is somebody on the reaction, and can everybody walk there in time? */
final class PostJudge
{
    private const MOST_NAMED = 3;

    /** From so many periods on, one post for all of them is the same view all day (M14). */
    private const MANY_PERIODS = 3;

    /** Which cover is judged: the one by hand where there is one, else the proven one. */
    public static function of(GroundCover $cover, int $job): Verdicts
    {
        if (! $cover->isAsked()) {
            return new Verdicts([self::nothing($cover)]);
        }
        try {
            $best = $cover->best();
        } catch (ImpossibleValue) {
            return new Verdicts([
                Verdict::stop(
                    'cover.cannot',
                    'Not everybody can have a post in every period.',
                    'More people than the posts hold, posts that are cleared before a period ends, or ways that are longer than the break: '.
                        'write down what each holds, until when, and the minutes of the ways.',
                ),
            ]);
        }
        $hand = $cover->byHand($best);
        $judged = $hand ?? $best;
        $unplanned = StandJudge::unplanned($cover);

        return new Verdicts(array_values(array_filter([
            ...StandJudge::walks($cover, $judged),
            ...StandJudge::full($cover, $judged),
            ...$unplanned,
            $hand === null ? null : self::less($hand, $best, $job),
            ...self::open($cover, $judged),
            ...self::reactions($cover, $judged),
            ...self::same($cover, $judged),
            ...StandJudge::musts($cover, $judged),
            ...StandJudge::idle($cover, $judged),
            $unplanned === [] ? self::fine($cover, $judged) : null,
        ])));
    }

    private static function nothing(GroundCover $cover): Verdict
    {
        return match (true) {
            $cover->ground->zones === [] || $cover->ground->posts === [] => Verdict::mind(
                'cover.no-posts',
                'The ground has no '.($cover->ground->zones === [] ? 'zones' : 'posts').' yet.',
                'Name where it happens and where one may stand, with metres along and across: then who covers what can be worked out.',
            ),
            $cover->periods === [] => Verdict::mind(
                'cover.no-periods',
                'No segment is marked as a period.',
                'Mark those in which everybody stays at a post, a half or a heat; the time between them is for walking.',
            ),
            default => Verdict::fix(
                'cover.no-lens',
                'Nobody of these periods has a lens on the list.',
                'What a post covers depends on the longest lens of who stands there: pack one for each photographer.',
            ),
        };
    }

    private static function less(PostCover $hand, PostCover $best, int $job): ?Verdict
    {
        return $hand->worth >= $best->worth
            ? null
            : Verdict::mind(
                'cover.by-hand',
                "Your own choice covers {$hand->worth} of {$best->plan->of()}; ".($best->isOptimal ? 'the proven one' : 'a better one').
                    " {$best->worth}.",
                'Worth is what you gave each zone in each period. You may know why yours is better: then it stays.',
                ['hand' => $hand->worth, 'best' => $best->worth],
                new Remedy('cover.take', $best->isOptimal ? 'Take the proven one' : 'Take the better one', ['job' => $job]),
            );
    }

    /** @return list<Verdict> */
    private static function open(GroundCover $cover, PostCover $judged): array
    {
        $lost = $judged->plan->of() - $judged->worth;
        if ($lost === 0) {
            return [];
        }
        $open = [];
        foreach ($cover->periods as $period) {
            foreach ($judged->open[$period->key()] ?? [] as $zone) {
                $open[] = ["{$zone} in {$period->title}", $cover->worths($period)[$zone]];
            }
        }
        usort($open, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        $names = array_column($open, 0);

        return [
            Verdict::mind(
                'cover.open',
                (count($names) === 1 ? 'One side stays open: ' : count($names).' sides stay open: ').
                    Some::of($names, self::MOST_NAMED).'.',
                "{$judged->worth} of {$judged->plan->of()} are covered".
                    ($judged->isOptimal ? ', and no other way of standing and walking covers more.' : '.').
                    ' Another photographer, a longer lens or a camera alone: the page says what each would bring.',
                ['covered' => $judged->worth, 'of' => $judged->plan->of()],
            ),
        ];
    }

    /** @return list<Verdict> the picture is often not the play but the face after it (common practice, no source) */
    private static function reactions(GroundCover $cover, PostCover $judged): array
    {
        $zones = array_filter($cover->ground->zones, static fn (GroundZone $z): bool => $z->role === ZoneRole::Reaction);
        $names = array_map(static fn (GroundZone $z): string => $z->name, $zones);
        if ($names === []) {
            return [
                Verdict::mind(
                    'cover.no-reaction',
                    'No zone is one of reaction.',
                    'Who just scored, the front rows, behind the finish: name where faces are, with the role “reaction”, so that somebody is on it.',
                ),
            ];
        }
        $without = [];
        foreach ($cover->periods as $period) {
            $covered = array_map(static fn (CoveredZone $c): string => $c->zone, $judged->coveredIn($period->key()));
            $worth = array_sum(array_intersect_key($cover->worths($period), array_flip($names)));
            $without = $worth > 0 && array_intersect($names, $covered) === [] ? [...$without, $period->title] : $without;
        }

        return $without === []
            ? []
            : [
                Verdict::fix(
                    'cover.reaction',
                    'Nobody is on the reaction in '.Some::of($without, self::MOST_NAMED).'.',
                    'The picture is often not the play but the shout after it: give '.implode(' or ', $names).' more worth, or one more post.',
                    ['periods' => count($without)],
                ),
            ];
    }

    /** @return list<Verdict> */
    private static function same(GroundCover $cover, PostCover $judged): array
    {
        $found = [];
        if (count($cover->periods) < self::MANY_PERIODS) {
            return [];
        }
        foreach ($cover->shooters as $shooter) {
            $posts = array_unique(array_map(static fn (PlayedPeriod $p): string => $judged->at($p->key())[$shooter->id], $cover->periods));
            if (count($posts) === 1) {
                $found[] = Verdict::mind(
                    'cover.same-post',
                    "The {$shooter->id} stands at {$posts[0]} all the time.",
                    count($cover->periods).' periods from one place look alike: move in a break, even where nothing more is covered.',
                    ['periods' => count($cover->periods)],
                );
            }
        }

        return $found;
    }

    private static function fine(GroundCover $cover, PostCover $judged): ?Verdict
    {
        $zones = count(array_filter(array_merge(...array_map(
            static fn (PlayedPeriod $p): array => array_values($cover->worths($p)),
            $cover->periods,
        ))));
        $looked = Looked::at($zones, 'zone in its period', 'zones in their periods');

        return $judged->worth < $judged->plan->of() || $looked === null
            ? null
            : Verdict::fine(
                'cover.whole',
                'Every side is covered.',
                "{$looked->words}, each by somebody whose lens fills half the frame from there, with ".
                    Plural::of($judged->moves, '1 move', "{$judged->moves} moves").'.',
                $looked,
            );
    }
}
