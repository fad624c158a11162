<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/**
 * The segments of a jpeg (ITU-T T.81, annex B): where its Exif stands, and whether its structure is whole.
 */
final class Jpeg
{
    private const HOLE_BYTES = 512;

    /** Larger pictures are judged by structure alone. */
    public const DECODE_UP_TO_PIXELS = 50_000_000;

    /** Why the picture is damaged; null when it is whole. */
    public static function fault(string $bytes, int $decodeUpToPixels = self::DECODE_UP_TO_PIXELS): ?string
    {
        if (! str_starts_with($bytes, "\xFF\xD8\xFF")) {
            return 'it does not start as a jpeg';
        }
        $at = 2;
        $length = strlen($bytes);
        $pixels = null;
        $hasScan = false;
        while (true) {
            while ($at + 1 < $length && $bytes[$at] === "\xFF" && $bytes[$at + 1] === "\xFF") {
                $at++;
            }
            if ($at + 2 > $length) {
                return 'it is cut short';
            }
            $marker = ord($bytes[$at + 1]);
            if ($bytes[$at] !== "\xFF" || $marker < 0xC0) {
                return 'its structure is broken';
            }
            if ($marker === 0xD9) {
                break;
            }
            if ($at + 4 > $length) {
                return 'it is cut short';
            }
            $size = (ord($bytes[$at + 2]) << 8) | ord($bytes[$at + 3]);
            if ($size < 2 || $at + 2 + $size > $length) {
                return $size < 2 ? 'its structure is broken' : 'it is cut short';
            }
            if ($marker <= 0xCF && ! in_array($marker, [0xC4, 0xC8, 0xCC], true) && $size >= 8) {
                $pixels = ((ord($bytes[$at + 5]) << 8) | ord($bytes[$at + 6])) * ((ord($bytes[$at + 7]) << 8) | ord($bytes[$at + 8]));
            }
            $at += 2 + $size;
            if ($marker === 0xDA) {
                $hasScan = true;
                $end = self::endOfScan($bytes, $at);
                if ($end === null) {
                    return 'it is cut short';
                }
                if (self::hasHole($bytes, $at, $end)) {
                    return 'a stretch of it is nothing but zeros';
                }
                $at = $end;
            }
        }
        if (! $hasScan || $pixels === null) {
            return 'it holds no picture';
        }

        return $pixels <= $decodeUpToPixels ? self::decodingFault($bytes) : null;
    }

    /** The Exif block of a jpeg, or null; the first 256 KB are enough. */
    public static function exifBlock(Bytes $bytes): ?string
    {
        $head = $bytes->at(0, 1 << 18);
        $at = 2;
        while (str_starts_with($head, "\xFF\xD8") && $at + 4 <= strlen($head) && $head[$at] === "\xFF") {
            $size = (ord($head[$at + 2]) << 8) | ord($head[$at + 3]);
            if ($head[$at + 1] === "\xE1" && substr($head, $at + 4, 6) === "Exif\0\0") {
                return substr($head, $at + 10, $size - 8);
            }
            if ($head[$at + 1] === "\xDA" || $size < 2) {
                return null;
            }
            $at += 2 + $size;
        }

        return null;
    }

    /** A sector of zeros: no picture is coded like that, but a card that lost it reads so. */
    private static function hasHole(string $bytes, int $from, int $to): bool
    {
        $at = strpos($bytes, str_repeat("\0", self::HOLE_BYTES), $from);

        return $at !== false && $at < $to;
    }

    /** Entropy-coded data ends at a marker that is neither stuffing nor a restart. */
    private static function endOfScan(string $bytes, int $from): ?int
    {
        $at = $from;
        while (($at = strpos($bytes, "\xFF", $at)) !== false && $at + 1 < strlen($bytes)) {
            $next = ord($bytes[$at + 1]);
            if ($next !== 0 && $next !== 0xFF && ($next < 0xD0 || $next > 0xD7)) {
                return $at;
            }
            $at += $next === 0xFF ? 1 : 2;
        }

        return null;
    }

    private static function decodingFault(string $bytes): ?string
    {
        if (! function_exists('imagecreatefromstring')) {
            return null;
        }
        $before = ini_set('gd.jpeg_ignore_warning', '0');
        $fault = null;
        set_error_handler(static function (int $level, string $message) use (&$fault): bool {
            $fault = 'it does not decode: '.lcfirst(trim((string) preg_replace('/^.*?(gd-jpeg|JPEG library)[^:]*:\s*/s', '', $message)));

            return true;
        });
        try {
            $image = imagecreatefromstring($bytes);
        } finally {
            restore_error_handler();
            ini_set('gd.jpeg_ignore_warning', (string) $before);
        }

        return $fault ?? ($image === false ? 'it does not decode' : null);
    }
}
