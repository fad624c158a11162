<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Viewpoint;

use NorthSatchel\Plural;
use NorthSatchel\Verdict;

/** Where words will be printed over a picture, does a shot leave room for them? */
final class HeadlineJudge
{
    private const WISH = '/\b(magazines?|headlines?|posters?|banners?|billboards?|adverts?|advertisements?|brochures?|front page|'.
        'cover (?:pictures?|shots?|story|page))\b/iu';

    /**
     * @param  string  $brief  all that the brief says in words
     * @param  list<ShotView>  $shots  of the job
     */
    public static function of(string $brief, array $shots): ?Verdict
    {
        if ($shots === [] || preg_match(self::WISH, $brief, $found) !== 1) {
            return null;
        }
        $count = SceneCount::of($shots);
        $word = mb_strtolower($found[1]);
        if ($count->withRoom > 0) {
            return null;
        }

        return Verdict::mind(
            'plan.no-headline-room',
            'No shot leaves room for words.',
            "The brief speaks of a “{$word}”, and ".
                Plural::of($count->shots, 'the one shot leaves', "of {$count->shots} shots none leaves").
                ' '.SceneCount::ROOM_PERCENT.' % of the frame empty. Say of some how much stays empty, on the side where the words will go.',
            ['most_percent' => $count->mostPercent],
        );
    }
}
