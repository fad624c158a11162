<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

/** Chances in words. */
final class Odds
{
    /** One in so many. */
    public static function odds(float $chance): string
    {
        return match (true) {
            $chance <= 0 => 'no cause that is counted would',
            $chance >= 0.5 => round(100 * $chance).' in 100',
            default => 'one in '.
                number_format(
                    (float) ('1e'.floor(log10(1 / $chance))) * round(1 / $chance / (float) ('1e'.floor(log10(1 / $chance))), 1),
                    0,
                    '.',
                    ' ',
                ),
        };
    }

    public static function change(float $before, float $after): string
    {
        return self::odds($before) === self::odds($after)
            ? 'stays about '.self::odds($before).', as other causes weigh more'
            : 'goes from '.self::odds($before).' to '.self::odds($after);
    }
}
