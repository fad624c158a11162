<?php

declare(strict_types=1);

namespace NorthSatchel;

/** What was looked at before something was called in order: never nothing. */
final readonly class Looked
{
    /** @param  int  $count  1 or more */
    private function __construct(public int $count, public string $words) {}

    /**
     * Null where nothing was there to look at: then nothing may be called in order.
     *
     * @param  string  $one  "card"
     * @param  string|null  $many  "cards", where an s does not make it
     */
    public static function at(int $count, string $one, ?string $many = null): ?self
    {
        return $count < 1 ? null : new self($count, $count === 1 ? "1 {$one}" : "{$count} ".($many ?? "{$one}s"));
    }

    /** The one thing that was at hand, in words. */
    public static function one(string $thing): self
    {
        return new self(1, $thing);
    }
}
