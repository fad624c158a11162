<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

/** Who does a segment; each has a lane of the day. */
enum Lane: string
{
    case Lead = 'lead';
    case Second = 'second';
    case Assistant = 'assistant';

    /** In a sentence: "the lead photographer", "the assistant". */
    public static function person(string $lane): string
    {
        return $lane === self::Assistant->value ? 'the assistant' : "the {$lane} photographer";
    }

    /**
     * Who of those in a segment photographs. An assistant builds, holds and carries (common practice, no source): theirs is a camera only
     * where nobody else is there and somebody wrote down what is to be taken.
     *
     * @param  list<string>  $lanes
     * @param  bool  $isListed  whether what is to be taken was typed
     * @return list<string>
     */
    public static function photographers(array $lanes, bool $isListed): array
    {
        $them = array_values(array_diff($lanes, [self::Assistant->value]));

        return $them === [] && $isListed ? $lanes : $them;
    }
}
