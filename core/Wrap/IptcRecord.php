<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/**
 * A caption as the records that stand in the picture itself (IPTC Information Interchange Model 4.2), for copies that are sent: editors'
 * programs read them without a sidecar.
 */
final class IptcRecord
{
    /** Coded character set: UTF-8 (ISO 2022, escape % G). */
    private const UTF8 = "\x1B%G";

    /** The longest that a record may be, in bytes. */
    private const LONGEST = ['title' => 64, 'name' => 64, 'by' => 32, 'caption' => 2000, 'rights' => 128, 'place' => 32];

    /** @param  \DateTimeImmutable|null  $takenAt  with the zone in which it was taken */
    public static function of(Caption $caption, string $creator, string $copyright, ?\DateTimeImmutable $takenAt, string $title): string
    {
        $data = self::field(1, 90, self::UTF8).
            self::field(2, 5, self::cut($title, self::LONGEST['title'])).
            self::field(2, 120, self::cut($caption->text, self::LONGEST['caption'])).
            self::field(2, 92, self::cut($caption->place, self::LONGEST['place']));
        foreach ($caption->people as $name) {
            $data .= self::field(2, 25, self::cut($name, self::LONGEST['name']));
        }
        if ($creator !== '') {
            $data .= self::field(2, 80, self::cut($creator, self::LONGEST['by']));
        }
        if ($copyright !== '') {
            $data .= self::field(2, 116, self::cut($copyright, self::LONGEST['rights']));
        }

        return $takenAt === null ? $data : $data.self::field(2, 55, $takenAt->format('Ymd')).self::field(2, 60, $takenAt->format('HisO'));
    }

    private static function field(int $record, int $set, string $value): string
    {
        return $value === '' ? '' : "\x1C".chr($record).chr($set).pack('n', strlen($value)).$value;
    }

    /** As much as has room, and no half of a letter. */
    private static function cut(string $text, int $bytes): string
    {
        return mb_strcut($text, 0, $bytes, 'UTF-8');
    }
}
