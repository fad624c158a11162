<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Scout\Ground\GroundZone;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Can everybody be where they are counted on: planned for it, there in time, and with room at the post? */
final class StandJudge
{
    private const MOST_NAMED = 3;

    /** @return list<Verdict> */
    public static function walks(GroundCover $cover, PostCover $judged): array
    {
        $found = [];
        foreach (array_slice($cover->periods, 1) as $index => $period) {
            $before = $cover->periods[$index];
            $break = $judged->plan->periods[$index]->breakMinutes;
            [$from, $to] = [$judged->at($before->key()), $judged->at($period->key())];
            foreach ($cover->shooters as $shooter) {
                $posts = [$cover->ground->post($from[$shooter->id]), $cover->ground->post($to[$shooter->id])];
                $walk = $posts[0] === null || $posts[1] === null ? 0 : $cover->ground->walkMinutes($posts[0], $posts[1]);
                if ($walk > $break) {
                    $found[] = Verdict::stop(
                        'cover.walk',
                        "The {$shooter->id} cannot be at {$to[$shooter->id]} when {$period->title} begins.",
                        "From {$from[$shooter->id]} it is {$walk} min, the break after {$before->title} has {$break}.",
                        ['walk_minutes' => $walk, 'break_minutes' => $break],
                    );
                }
            }
        }

        return $found;
    }

    /** @return list<Verdict> more people than a post holds, and posts that are cleared */
    public static function full(GroundCover $cover, PostCover $judged): array
    {
        $found = [];
        foreach ($cover->periods as $t => $period) {
            foreach (array_count_values($judged->at($period->key())) as $name => $count) {
                $post = $cover->ground->post((string) $name);
                if ($post !== null && $count > $post->holds) {
                    $found[] = Verdict::stop(
                        'cover.full',
                        "{$name} does not hold {$count} in {$period->title}.",
                        "It holds {$post->holds}.",
                        ['holds' => $post->holds, 'people' => $count],
                    );
                }
                if ($post?->until !== null && $period->endMinutes > $post->until->minutes) {
                    $found[] = Verdict::stop(
                        'cover.cleared',
                        "{$name} is cleared before {$period->title} ends.",
                        "It may be used until {$post->until->text()}.",
                    );
                }
            }
        }

        return $found;
    }

    /** @return list<Verdict> everybody has a post in every period: who is planned in some of them only cannot be counted on in the others */
    public static function unplanned(GroundCover $cover): array
    {
        $found = [];
        foreach ($cover->shooters as $shooter) {
            $without = array_filter($cover->periods, static fn (PlayedPeriod $p): bool => ! $p->isPlannedFor($shooter->id));
            $titles = array_map(static fn (PlayedPeriod $p): string => $p->title, array_values($without));
            if ($titles !== []) {
                $found[] = Verdict::fix(
                    'cover.not-planned',
                    "The {$shooter->id} is not planned in ".Some::of($titles, self::MOST_NAMED).'.',
                    'Everybody is counted on in every period: add them to the segment, or what they would cover there stays open.',
                    ['periods' => count($titles)],
                );
            }
        }

        return $found;
    }

    /** @return list<Verdict> who reaches nothing of worth from where they stand */
    public static function idle(GroundCover $cover, PostCover $judged): array
    {
        $found = [];
        foreach ($cover->shooters as $shooter) {
            $idle = array_filter(
                (new PostDay($cover, $judged, $shooter))->stops,
                static fn (PostStop $s): bool => $s->isForNothing() && array_sum($cover->worths($s->period)) > 0,
            );
            if ($idle !== []) {
                $titles = array_map(static fn (PostStop $s): string => $s->period->title, array_values($idle));
                $found[] = Verdict::mind(
                    'cover.idle',
                    "The {$shooter->id} reaches nothing of worth in ".Some::of($titles, self::MOST_NAMED).'.',
                    'With '.round($shooter->focalMaxMm).' mm nobody fills half the frame from there: a longer lens, a nearer post, or a zone '.
                        'that is worth something where they stand.',
                    ['periods' => count($titles)],
                );
            }
        }

        return $found;
    }

    /** @return list<Verdict> shots that must be taken and name a zone that nobody reaches then */
    public static function musts(GroundCover $cover, PostCover $judged): array
    {
        $found = [];
        foreach ($cover->periods as $period) {
            foreach ($period->musts as $must) {
                foreach ($cover->ground->zones as $zone) {
                    $isNamed = preg_match('/(?<![\p{L}\p{N}])'.preg_quote($zone->name, '/').'(?![\p{L}\p{N}])/iu', $must) === 1;
                    if ($isNamed && ! self::isReached($cover, $judged, $period, $zone)) {
                        $found[] = Verdict::fix(
                            'cover.must',
                            "“{$must}” must be taken in {$period->title}, and nobody there reaches {$zone->name}.",
                            'Choose a post for it by hand, give the zone more worth in that period, or hang a camera there.',
                        );
                    }
                }
            }
        }

        return $found;
    }

    private static function isReached(GroundCover $cover, PostCover $judged, PlayedPeriod $period, GroundZone $zone): bool
    {
        $at = $judged->at($period->key());
        foreach ($cover->shooters as $shooter) {
            $post = $cover->ground->post($at[$shooter->id] ?? '');
            if ($post !== null && $judged->plan->covers($shooter, Post::of($post), Zone::of($zone))) {
                return true;
            }
        }

        return false;
    }
}
