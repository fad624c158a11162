<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

/** What can go wrong with one frame on one stand-in card. */
enum Fault: string
{
    case Missing = 'missing';
    case CutShort = 'cut-short';
    case FlippedByte = 'flipped-byte';

    /** The bytes as they end up on the card; null when nothing arrives. */
    public function strike(string $bytes): ?string
    {
        $middle = intdiv(strlen($bytes) * 2, 3);

        return match ($this) {
            self::Missing => null,
            self::CutShort => substr($bytes, 0, $middle),
            self::FlippedByte => substr_replace($bytes, chr(ord($bytes[$middle]) ^ 0x55), $middle, 1),
        };
    }
}
