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
}
