<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

use NorthSatchel\ImpossibleValue;

/**
 * Coordinates as people write them and as maps hand them over: decimal degrees, degrees with minutes and seconds, letters of the
 * compass before or behind, geo: links (RFC 5870), and links of maps that carry them.
 */
final class Coordinates
{
    /** One angle: degrees, and minutes and seconds where they are there. */
    private const ANGLE = '(\d{1,3}(?:[.,]\d+)?)\s*(?:°|º|d|deg)?\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*[\'′’m]?\s*)?'.
        '(?:(\d{1,2}(?:[.,]\d+)?)\s*(?:"|″|”|\'\'|s)\s*)?';

    /** Where links of maps carry them. */
    private const LINKS = [
        '/[?&#](?:q|ll|center|daddr|destination|query)=(?:loc:)?(-?\d{1,3}\.\d+)(?:,|%2C)\s*(-?\d{1,3}\.\d+)/i',
        '/@(-?\d{1,3}\.\d+),(-?\d{1,3}\.\d+)/',
        '/[#&?]map=\d+(?:\.\d+)?\/(-?\d{1,3}(?:\.\d+)?)\/(-?\d{1,3}(?:\.\d+)?)/i',
        '/[?&]m?lat=(-?\d{1,3}(?:\.\d+)?)&m?lon=(-?\d{1,3}(?:\.\d+)?)/i',
    ];

    /** Null where it holds none. */
    public static function read(string $text): ?GeoPoint
    {
        $text = trim($text);
        $found = [];
        if (preg_match('/^geo:(-?\d{1,3}(?:\.\d+)?),(-?\d{1,3}(?:\.\d+)?)/i', $text, $found) === 1) {
            return self::point((float) $found[1], (float) $found[2]);
        }
        foreach (str_contains($text, '://') ? self::LINKS : [] as $link) {
            if (preg_match($link, $text, $found) === 1) {
                return self::point((float) $found[1], (float) $found[2]);
            }
        }

        return str_contains($text, '://') ? null : (self::decimal($text) ?? self::lettered($text));
    }

    /** Two numbers, the latitude first: 59.33, 18.06 or 59,33 18,06 or 59,33; 18,06. */
    private static function decimal(string $text): ?GeoPoint
    {
        $found = [];
        $isPoint = preg_match('/^([+-]?\d{1,3}(?:\.\d+)?)°?\s*[,;\s]\s*([+-]?\d{1,3}(?:\.\d+)?)°?$/u', $text, $found) === 1;
        $isComma = ! $isPoint && preg_match('/^([+-]?\d{1,3},\d+)°?\s*[;\s,]\s*([+-]?\d{1,3},\d+)°?$/u', $text, $found) === 1;

        [, $latitude, $longitude] = $found + ['', '', ''];

        return $isPoint || $isComma
            ? self::point((float) str_replace(',', '.', $latitude), (float) str_replace(',', '.', $longitude))
            : null;
    }

    /** With N, S, E, W (or O for east, in several languages), before or behind. */
    private static function lettered(string $text): ?GeoPoint
    {
        $angle = self::ANGLE;
        $found = [];
        if (
            preg_match("/^{$angle}([NS])[\\s,;]*{$angle}([EWO])$/iu", $text, $found, PREG_UNMATCHED_AS_NULL) === 1
        ) {
            [, $d, $m, $s, $ns, $d2, $m2, $s2, $ew] = $found;
        } elseif (preg_match("/^([NS])\\s*{$angle}[\\s,;]*([EWO])\\s*{$angle}$/iu", $text, $found, PREG_UNMATCHED_AS_NULL) === 1) {
            [, $ns, $d, $m, $s, $ew, $d2, $m2, $s2] = $found;
        } else {
            return null;
        }
        if (max(self::number($m), self::number($s), self::number($m2), self::number($s2)) >= 60) {
            return null;
        }
        $degrees = static fn (?string $a, ?string $b, ?string $c): float => self::number($a) + self::number($b) / 60 + self::number($c) / 3600;

        return self::point(
            $degrees($d, $m, $s) * (strtoupper((string) $ns) === 'S' ? -1 : 1),
            $degrees($d2, $m2, $s2) * (strtoupper((string) $ew) === 'W' ? -1 : 1),
        );
    }

    private static function number(?string $text): float
    {
        return (float) str_replace(',', '.', (string) $text);
    }

    private static function point(float $latitude, float $longitude): ?GeoPoint
    {
        try {
            return GeoPoint::of($latitude, $longitude);
        } catch (ImpossibleValue) {
            return null;
        }
    }
}
