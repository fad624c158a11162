<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** A picture that is to be sent; times in milliseconds from the same zero as those of the gaps. */
final readonly class SendPicture
{
    /** Half a millionth of a millisecond above a whole one is that one. */
    private const EPSILON = 1e-6;

    /** @param  float  $worth  of its being there in time */
    public function __construct(public string $id, public int $lengthMs, public int $readyMs, public int $dueMs, public float $worth = 1.0) {}

    /**
     * How long a picture takes: overhead + size ÷ rate, rounded up to the millisecond.
     *
     * @param  float  $mb  10^6 bytes
     */
    public static function lengthMs(float $mb, float $rateMbS, float $overheadS): int
    {
        return (int) ceil(1000 * ($overheadS + $mb / $rateMbS) - self::EPSILON);
    }
}
