<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

/** Builds a little-endian TIFF structure (TIFF 6.0) with an Exif directory, as cameras write it. */
final class TiffBlock
{
    public const BYTE = 1;

    public const ASCII = 2;

    public const SHORT = 3;

    public const LONG = 4;

    public const RATIONAL = 5;

    public const SRATIONAL = 10;

    public const UNDEFINED = 7;

    /** So much is kept for one: the raw files of a body are all as long. */
    private const PREVIEW_ROOM = 49_152;

    private const SUB_IFDS = 0x014A;

    private const EXIF_IFD = 0x8769;

    private const GPS_IFD = 0x8825;

    private const STRIP_OFFSETS = 0x0111;

    /**
     * @param  array<int, array{int, mixed}>  $main  type and value by tag
     * @param  array<int, array{int, mixed}>  $exif
     * @param  array<int, array{int, mixed}>  $gps  a directory of its own; none where empty
     * @param  string|null  $strip  picture data, put last; its place is written as StripOffsets
     * @param  string|null  $preview  a jpeg in a directory below the main one, as raw files carry one for showing
     */
    public static function build(array $main, array $exif, ?string $strip = null, array $gps = [], ?string $preview = null): string
    {
        $main[self::EXIF_IFD] = [self::LONG, 0];
        if ($preview !== null) {
            $main[self::SUB_IFDS] = [self::LONG, 0];
        }
        if ($strip !== null) {
            $main[self::STRIP_OFFSETS] = [self::LONG, 0];
        }
        if ($gps !== []) {
            $main[self::GPS_IFD] = [self::LONG, 0];
        }
        $exifAt = 8 + strlen(self::directory($main, 8));
        $gpsAt = $exifAt + strlen(self::directory($exif, $exifAt));
        $gpsBlock = $gps === [] ? '' : self::directory($gps, $gpsAt);
        $previewAt = $gpsAt + strlen($gpsBlock);
        $previewBlock = $preview === null ? '' : self::preview($preview, $previewAt);
        $stripAt = $previewAt + strlen($previewBlock);
        if ($preview !== null) {
            $main[self::SUB_IFDS] = [self::LONG, $previewAt];
        }
        $main[self::EXIF_IFD] = [self::LONG, $exifAt];
        if ($gps !== []) {
            $main[self::GPS_IFD] = [self::LONG, $gpsAt];
        }
        if ($strip !== null) {
            $main[self::STRIP_OFFSETS] = [self::LONG, $stripAt];
        }

        return 'II'.pack('vV', 42, 8).self::directory($main, 8).self::directory($exif, $exifAt).$gpsBlock.$previewBlock.$strip;
    }

    /** Its directory (NewSubfileType 1, a reduced picture; Compression 7, jpeg; in one strip) and the jpeg itself. */
    private static function preview(string $jpeg, int $at): string
    {
        [$width, $height] = getimagesizefromstring($jpeg) ?: [1, 1];
        $tags = [
            0x00FE => [self::LONG, 1],
            0x0100 => [self::LONG, $width],
            0x0101 => [self::LONG, $height],
            0x0103 => [self::SHORT, 7],
            0x0106 => [self::SHORT, 6],
            self::STRIP_OFFSETS => [self::LONG, 0],
            0x0117 => [self::LONG, strlen($jpeg)],
        ];
        $tags[self::STRIP_OFFSETS] = [self::LONG, $at + strlen(self::directory($tags, $at))];

        return self::directory($tags, $at).str_pad($jpeg, self::PREVIEW_ROOM, "\0");
    }

    /** @param  array<int, array{int, mixed}>  $tags */
    private static function directory(array $tags, int $at): string
    {
        ksort($tags);
        $dataAt = $at + 2 + count($tags) * 12 + 4;
        $entries = '';
        $data = '';
        foreach ($tags as $tag => [$type, $value]) {
            [$count, $bytes] = self::encode($type, $value);
            if (strlen($bytes) <= 4) {
                $entries .= pack('vvV', $tag, $type, $count).str_pad($bytes, 4, "\0");
            } else {
                $entries .= pack('vvVV', $tag, $type, $count, $dataAt + strlen($data));
                $data .= $bytes.(strlen($bytes) % 2 === 1 ? "\0" : '');
            }
        }

        return pack('v', count($tags)).$entries.pack('V', 0).$data;
    }

    /** @return array{int, string} number of values, their bytes */
    private static function encode(int $type, mixed $value): array
    {
        if ($type === self::ASCII) {
            return [strlen((string) $value) + 1, $value."\0"];
        }
        if ($type === self::UNDEFINED || ($type === self::BYTE && is_string($value))) {
            return [strlen((string) $value), (string) $value];
        }
        $values = is_array($value) && ! in_array($type, [self::RATIONAL, self::SRATIONAL], true) ? $value : [$value];
        if (in_array($type, [self::RATIONAL, self::SRATIONAL], true) && is_array($value) && is_array($value[0] ?? null)) {
            $values = $value;
        }
        $bytes = '';
        foreach ($values as $one) {
            $bytes .= match ($type) {
                self::BYTE => chr($one),
                self::SHORT => pack('v', $one),
                self::LONG => pack('V', $one),
                default => pack('VV', $one[0] & 0xFFFFFFFF, $one[1]),
            };
        }

        return [count($values), $bytes];
    }
}
