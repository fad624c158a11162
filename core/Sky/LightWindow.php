<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/** A stretch of light; an edge that the sun does not cross is null. Unix seconds. */
final readonly class LightWindow
{
    private function __construct(public ?int $from, public ?int $to) {}

    /** Null when neither edge is crossed. */
    public static function between(?int $from, ?int $to): ?self
    {
        return $from === null && $to === null ? null : new self($from, $to);
    }
}
