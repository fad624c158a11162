<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Who stands elsewhere when the periods move, for a post is cleared by then or a way has another break (M14, M15). */
final class PostShift
{
    private const MOST_NAMED = 3;

    /** Null where everybody stays where they were. */
    public static function of(GroundCover $cover, PostCover $before, PostCover $after): ?Verdict
    {
        $moved = [];
        foreach ($cover->periods as $period) {
            foreach ($after->at($period->key()) as $who => $post) {
                $was = $before->at($period->key())[$who] ?? null;
                if ($was !== null && $was !== $post) {
                    $moved[] = "{$who} in {$period->title} at {$post}, not {$was}";
                }
            }
        }

        return $moved === []
            ? null
            : Verdict::mind(
                'delay.posts',
                'By then other posts cover more: '.Some::of($moved, self::MOST_NAMED).'.',
                "Worked out again for what is cleared by then: {$after->worth} of {$after->plan->of()} are covered, {$before->worth} as the day was ".
                    'planned. Walk there while it rains.',
                ['moves' => count($moved)],
            );
    }
}
