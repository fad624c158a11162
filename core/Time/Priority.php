<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

/** How much a segment or a shot matters. */
enum Priority: string
{
    case Must = 'must';
    case Should = 'should';
    case Nice = 'nice';

    /** What a segment counts when something must give (common practice, no source): a must outweighs three of the next. */
    public function value(): int
    {
        return match ($this) {
            self::Must => 300,
            self::Should => 100,
            self::Nice => 30,
        };
    }
}
