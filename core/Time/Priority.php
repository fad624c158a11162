<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

/** How much a segment or a shot matters. */
enum Priority: string
{
    case Must = 'must';
    case Should = 'should';
    case Nice = 'nice';

    /** As it is typed: “must”, “must have”, “nice to have”; null where it is none. */
    public static function said(string $typed): ?self
    {
        return self::tryFrom((string) preg_replace('/[ -](?:to )?have$/u', '', mb_strtolower(trim($typed))));
    }

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
