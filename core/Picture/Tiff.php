<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/**
 * The directories of a TIFF structure (TIFF 6.0; Exif 2.32, 4.5), as they stand in raw files and in
 * the Exif segment of a jpeg.
 *
 * A directory is a map from tag to its values. What points outside the bytes ends in `isBroken`.
 */
final class Tiff
{
    private const SUB_IFDS = 0x014A;

    private const EXIF_IFD = 0x8769;

    private const GPS_IFD = 0x8825;

    private const MOST_VALUES = 200_000;

    /** @var array<int, int> bytes a value by field type */
    private const TYPE_BYTES = [1 => 1, 2 => 1, 3 => 2, 4 => 4, 5 => 8, 6 => 1, 7 => 1, 8 => 2, 9 => 4, 10 => 8, 11 => 4, 12 => 8, 13 => 4];

    /** @var list<array<int, list<int|float>|string>> picture directories, the first is the main one */
    public array $pictures = [];

    /** @var array<int, list<int|float>|string> */
    public array $exif = [];

    /** @var array<int, list<int|float>|string> */
    public array $gps = [];

    public bool $isBroken = false;

    /** @var array<int, true> */
    private array $seen = [];

    private function __construct(private readonly Bytes $bytes, public readonly bool $isBigEndian) {}

    /** Null when the bytes are no TIFF structure. */
    public static function read(Bytes $bytes): ?self
    {
        $head = $bytes->at(0, 8);
        if (strlen($head) < 8 || ! in_array(substr($head, 0, 4), ["II*\0", "MM\0*"], true)) {
            return null;
        }
        $tiff = new self($bytes, $head[0] === 'M');
        $next = $tiff->number(substr($head, 4, 4));
        while ($next !== 0 && count($tiff->pictures) < 32) {
            $next = $tiff->directory($next);
        }
        if ($tiff->pictures === []) {
            $tiff->isBroken = true;
        }

        return $tiff;
    }

    /** Reads a picture directory and those below it; returns where the next one stands. */
    private function directory(int $offset): int
    {
        [$tags, $next] = $this->tags($offset);
        $this->pictures[] = $tags;
        foreach ((array) ($tags[self::SUB_IFDS] ?? []) as $sub) {
            if (count($this->pictures) < 32) {
                $this->pictures[] = $this->tags((int) $sub)[0];
            }
        }
        if (isset($tags[self::EXIF_IFD][0]) && $this->exif === []) {
            $this->exif = $this->tags((int) $tags[self::EXIF_IFD][0])[0];
        }
        if (isset($tags[self::GPS_IFD][0]) && $this->gps === []) {
            $this->gps = $this->tags((int) $tags[self::GPS_IFD][0])[0];
        }

        return $next;
    }

    /** @return array{array<int, list<int|float>|string>, int} tags, offset of the next directory */
    private function tags(int $offset): array
    {
        if (isset($this->seen[$offset])) {
            $this->isBroken = true;

            return [[], 0];
        }
        $this->seen[$offset] = true;
        $countBytes = $this->bytes->at($offset, 2);
        $count = strlen($countBytes) === 2 ? $this->number($countBytes) : 0;
        $block = $count > 0 ? $this->bytes->at($offset + 2, $count * 12 + 4) : '';
        if (strlen($block) < $count * 12 || $count === 0) {
            $this->isBroken = true;

            return [[], 0];
        }
        $tags = [];
        for ($i = 0; $i < $count; $i++) {
            $entry = substr($block, $i * 12, 12);
            $value = $this->value($entry);
            if ($value !== null) {
                $tags[$this->number(substr($entry, 0, 2))] = $value;
            }
        }
        $next = substr($block, $count * 12, 4);

        return [$tags, strlen($next) === 4 ? $this->number($next) : 0];
    }

    /** @return list<int|float>|string|null */
    private function value(string $entry): array|string|null
    {
        $type = $this->number(substr($entry, 2, 2));
        $count = $this->number(substr($entry, 4, 4));
        if (! isset(self::TYPE_BYTES[$type])) {
            return null;
        }
        $length = $count * self::TYPE_BYTES[$type];
        $raw = $length <= 4 ? substr($entry, 8, $length) : '';
        if ($length > 4) {
            $offset = $this->number(substr($entry, 8, 4));
            if ($offset + $length > $this->bytes->size()) {
                $this->isBroken = true;

                return null;
            }
            $raw = $this->bytes->at($offset, min($length, self::MOST_VALUES));
        }
        if (in_array($type, [1, 2, 6, 7], true)) {
            return $type === 2 ? rtrim($raw, "\0 ") : $raw;
        }
        $values = [];
        foreach (str_split($raw, self::TYPE_BYTES[$type]) as $piece) {
            $values[] = in_array($type, [5, 10], true) ? $this->ratio($piece, $type === 10) : $this->number($piece);
        }

        return $values;
    }

    private function ratio(string $piece, bool $isSigned): float
    {
        $numerator = $this->number(substr($piece, 0, 4));
        $denominator = $this->number(substr($piece, 4, 4));
        if ($isSigned && $numerator >= 1 << 31) {
            $numerator -= 1 << 32;
        }

        return $denominator === 0 ? 0.0 : $numerator / $denominator;
    }

    private function number(string $bytes): int
    {
        $number = 0;
        foreach (str_split($this->isBigEndian ? $bytes : strrev($bytes)) as $byte) {
            $number = ($number << 8) | ord($byte);
        }

        return $number;
    }
}
