<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/** Whether a raw file is whole: its directories, where its picture data lies, its digest where it carries one; and what it shows. */
final class Raw
{
    private const STRIPS = [0x0111, 0x0117];

    private const TILES = [0x0144, 0x0145];

    private const EMBEDDED_JPEG = [0x0201, 0x0202];

    /** RawImageDigest: MD5 of the raw picture data (DNG specification 1.4, tag 50972, from memory). */
    private const DIGEST = 0xC71C;

    private const OUTSIDE = 1 << 61;

    /** TIFF 6.0, section 8 */
    private const COMPRESSION = 0x0103;

    private const PHOTOMETRIC = 0x0106;

    private const JPEG_COMPRESSIONS = [6, 7];

    /** A colour filter array, and linear raw: what the sensor saw, packed as a jpeg or not (DNG specification 1.4, from memory). */
    private const SENSOR_DATA = [32803, 34892];

    private const LARGEST_PREVIEW = 60_000_000;

    /** @return array{PictureState, string|null} state, and why */
    public static function judge(Bytes $bytes): array
    {
        if ($bytes->size() === 0) {
            return [PictureState::Damaged, 'it is empty'];
        }
        $head = $bytes->at(0, 4096);
        if (trim($head, "\0") === '') {
            return [PictureState::Damaged, 'it starts with nothing but zeros'];
        }
        $tiff = Tiff::read($bytes);
        if ($tiff === null) {
            return [PictureState::Unknown, 'its format is not one that can be checked'];
        }
        if ($tiff->isBroken) {
            return [PictureState::Damaged, 'its structure points outside the file'];
        }
        $hasData = false;
        foreach ($tiff->pictures as $picture) {
            foreach ([self::STRIPS, self::TILES, self::EMBEDDED_JPEG] as [$offsets, $counts]) {
                $at = self::list($picture[$offsets] ?? null);
                $length = self::list($picture[$counts] ?? null);
                if (array_sum($length) > $bytes->size()) {
                    return [PictureState::Damaged, 'its structure names more than the file holds'];
                }
                foreach ($at as $index => $offset) {
                    $hasData = true;
                    if ($offset + ($length[$index] ?? 0) > $bytes->size()) {
                        return [PictureState::Damaged, 'it is cut short'];
                    }
                }
            }
        }
        if (! $hasData) {
            return [PictureState::Unknown, 'no picture data was found in it'];
        }

        return self::judgeDigest($bytes, $tiff);
    }

    /**
     * The largest jpeg that a raw file carries for showing, as it stands in it; null where it has none that can be found: read in files
     * that are TIFF structures, from their picture directories (TIFF 6.0, sections 8 and 22; DNG previews).
     */
    public static function preview(Bytes $bytes): ?string
    {
        $places = [];
        foreach (Tiff::read($bytes)->pictures ?? [] as $picture) {
            foreach ([self::EMBEDDED_JPEG, self::isJpegStrip($picture) ? self::STRIPS : null] as $tags) {
                [$at, $length] = $tags === null ? [[], []] : [self::list($picture[$tags[0]] ?? null), self::list($picture[$tags[1]] ?? null)];
                if (count($at) === 1 && count($length) === 1 && $length[0] <= min(self::LARGEST_PREVIEW, $bytes->size() - $at[0])) {
                    $places[$at[0]] = $length[0];
                }
            }
        }
        arsort($places);
        foreach ($places as $at => $length) {
            $jpeg = $bytes->at($at, $length);
            if (str_starts_with($jpeg, "\xFF\xD8\xFF")) {
                return $jpeg;
            }
        }

        return null;
    }

    /** @param  array<int, list<int|float>|string>  $picture */
    private static function isJpegStrip(array $picture): bool
    {
        return in_array(self::list($picture[self::COMPRESSION] ?? null)[0] ?? 0, self::JPEG_COMPRESSIONS, true)
            && ! in_array(self::list($picture[self::PHOTOMETRIC] ?? null)[0] ?? 0, self::SENSOR_DATA, true);
    }

    /** @return array{PictureState, string|null} */
    private static function judgeDigest(Bytes $bytes, Tiff $tiff): array
    {
        $wanted = $tiff->pictures[0][self::DIGEST] ?? null;
        if (! is_string($wanted) || strlen($wanted) !== 16) {
            return [PictureState::Intact, null];
        }
        foreach ($tiff->pictures as $picture) {
            if (self::list($picture[0x0103] ?? null) !== [1] || self::list($picture[0x00FE] ?? null) !== [0]) {
                continue;
            }
            $context = hash_init('md5');
            $counts = self::list($picture[self::STRIPS[1]] ?? null);
            foreach (self::list($picture[self::STRIPS[0]] ?? null) as $index => $offset) {
                $count = $counts[$index] ?? 0;
                for ($done = 0; $done < $count; $done += 1 << 20) {
                    hash_update($context, $bytes->at($offset + $done, min(1 << 20, $count - $done)));
                }
            }
            if (! hash_equals($wanted, hash_final($context, true))) {
                return [PictureState::Damaged, 'its picture data does not match the digest it carries'];
            }

            return [PictureState::Proved, null];
        }

        return [PictureState::Intact, null];
    }

    /** @return list<int> offsets or lengths; what no file can have stands for one that lies outside */
    private static function list(mixed $value): array
    {
        return is_array($value)
            ? array_map(
                static fn (mixed $one): int => is_numeric($one) && $one >= 0 && $one < self::OUTSIDE ? (int) $one : self::OUTSIDE,
                array_values($value),
            )
            : [];
    }
}
