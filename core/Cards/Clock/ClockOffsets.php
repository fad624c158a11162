<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Clock;

use NorthSatchel\Time\Span;

/** How far each body's clock is ahead of the true time; applied to the index, never to the files (M22). */
final readonly class ClockOffsets
{
    /** @param  array<int, int>  $seconds  by body, positive where its clock is ahead */
    public function __construct(public array $seconds = []) {}

    /** Unix seconds of a frame, corrected. */
    public function trueTime(int $bodyId, int $takenAt): int
    {
        return $takenAt - ($this->seconds[$bodyId] ?? 0);
    }

    /**
     * The offset of the second body that puts two frames of one moment at the same second; the first body's clock is
     * taken as it is corrected already.
     */
    public function offsetFor(int $firstBody, int $firstTaken, int $secondTaken): int
    {
        return $secondTaken - $this->trueTime($firstBody, $firstTaken);
    }

    public function with(int $bodyId, int $seconds): self
    {
        return new self([$bodyId => $seconds] + $this->seconds);
    }

    /** In words: "23 min 40 s behind". */
    public static function inWords(int $seconds): string
    {
        if ($seconds === 0) {
            return 'right';
        }

        return Span::exact($seconds).($seconds > 0 ? ' ahead' : ' behind');
    }
}
