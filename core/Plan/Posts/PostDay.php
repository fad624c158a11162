<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Plural;
use NorthSatchel\Scout\Ground\Ground;
use NorthSatchel\Scout\Ground\GroundPost;

/** The posts of one photographer, one after the other, what each is for, and how varied they are (M14). */
final readonly class PostDay
{
    /** @var list<PostStop> */
    public array $stops;

    public function __construct(private GroundCover $cover, PostCover $stood, public Shooter $shooter)
    {
        $stops = [];
        $before = null;
        foreach ($cover->periods as $t => $period) {
            $post = $cover->ground->post($stood->at($period->key())[$shooter->id] ?? '');
            if ($post === null) {
                continue;
            }
            $own = array_map(
                static fn (CoveredZone $c): string => $c->zone,
                array_values(array_filter(
                    $stood->coveredIn($period->key()),
                    static fn (CoveredZone $c): bool => $c->photographer === $shooter->id,
                )),
            );
            $again = array_values(array_diff($this->seen($stood->plan, $post, $period), $own));
            $far = array_map(fn (string $zone): float => $this->distanceM($post, $zone), [...$own, ...$again]);
            $stops[] = new PostStop(
                $period,
                $post,
                $own,
                $again,
                $before === null ? 0 : $cover->ground->walkMinutes($before, $post),
                $t === 0 ? null : $stood->plan->periods[$t - 1]->breakMinutes,
                $far === [] ? 0.0 : min($far),
                $far === [] ? 0.0 : max($far),
                $cover->ground->moveFrom($post),
            );
            $before = $post;
        }
        $this->stops = $stops;
    }

    /** How many posts, sides and heights, and from how near to how far. */
    public function variety(): string
    {
        $posts = count(array_unique(array_map(static fn (PostStop $s): string => $s->post->name, $this->stops)));
        $sides = count(array_unique(array_map(fn (PostStop $s): string => self::side($this->cover->ground, $s->post), $this->stops)));
        $heights = count(array_unique(array_map(static fn (PostStop $s): string => self::height($s->post), $this->stops)));
        $with = array_filter($this->stops, static fn (PostStop $s): bool => ! $s->isForNothing());
        $metres = $with === [] ? '' : sprintf(
            ', from %d to %d m',
            round(min(array_map(static fn (PostStop $s): float => $s->nearM, $with))),
            round(max(array_map(static fn (PostStop $s): float => $s->farM, $with))),
        );

        return Plural::of($posts, '1 post', "{$posts} posts").', '.Plural::of($sides, '1 side', "{$sides} sides").', '.
            Plural::of($heights, '1 height', "{$heights} heights").$metres.'.';
    }

    /** @return list<string> zones of worth in the period that they reach from there */
    private function seen(PostPlan $plan, GroundPost $post, PlayedPeriod $period): array
    {
        $at = Post::of($post);
        $worths = $this->cover->worths($period);
        $seen = array_filter(
            $plan->zones,
            fn (Zone $zone): bool => $worths[$zone->id] > 0 && $plan->covers($this->shooter, $at, $zone),
        );

        return array_values(array_map(static fn (Zone $zone): string => $zone->id, $seen));
    }

    private function distanceM(GroundPost $post, string $zone): float
    {
        $of = $this->cover->ground->zone($zone);

        return $of === null ? 0.0 : $this->cover->ground->distanceM($post, $of);
    }

    /** The side of the ground on which a post lies: the one that it is nearest to, by shares of its length and width. */
    private static function side(Ground $ground, GroundPost $post): string
    {
        $along = $post->xM / max(1.0, $ground->lengthM) - 0.5;
        $across = $post->yM / max(1.0, $ground->widthM) - 0.5;

        return abs($along) > abs($across) ? ($along < 0 ? 'left' : 'right') : ($across < 0 ? 'near' : 'far');
    }

    /** On the knees, seated, standing, or so many metres up. */
    private static function height(GroundPost $post): string
    {
        $notes = mb_strtolower(implode(' ', $post->notes));

        return match (true) {
            $post->upM > 0 => "{$post->upM} up",
            str_contains($notes, 'knee') => 'knees',
            str_contains($notes, 'seat') => 'seat',
            default => 'standing',
        };
    }
}
