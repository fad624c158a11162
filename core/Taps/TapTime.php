<?php

declare(strict_types=1);

namespace NorthSatchel\Taps;

/**
 * When something was tapped: by the clock of the device, corrected by how far that clock stands from the server's, and never
 * later than the tap was received. Times out of all reason are those of the receipt.
 */
final class TapTime
{
    /** A difference of so little is the way through the network. */
    private const WAY_S = 2.0;

    /** Nobody carries taps about for longer. */
    private const OLDEST_S = 400 * 86400;

    /**
     * @param  float  $made  unix seconds, by the device
     * @param  float|null  $sent  unix seconds, by the device when it sent them; null where it does not say
     * @param  float  $received  unix seconds, by the server
     */
    public static function of(float $made, ?float $sent, float $received): float
    {
        $ahead = $sent === null ? 0.0 : $sent - $received;
        $at = $made - (abs($ahead) > self::WAY_S ? $ahead : 0.0);

        return $at > $received || $at < $received - self::OLDEST_S ? $received : $at;
    }
}
