<?php

declare(strict_types=1);

namespace App\Devices;

/** A line of /proc/self/mountinfo: what is mounted where (proc(5)). */
final readonly class Mount
{
    public function __construct(
        public string $number,
        public string $root,
        public string $at,
        public string $kind,
        public string $source,
    ) {}

    /** Null for a line that is none. */
    public static function ofLine(string $line): ?self
    {
        [$left, $right] = [...explode(' - ', $line, 2), ''];
        $a = explode(' ', $left);
        $b = explode(' ', $right);

        return count($a) < 6 || count($b) < 2 ? null : new self($a[2], self::plain($a[3]), self::plain($a[4]), $b[0], self::plain($b[1]));
    }

    /** Spaces and the like are written as octal numbers there. */
    private static function plain(string $text): string
    {
        return (string) preg_replace_callback('/\\\\([0-7]{3})/', static fn (array $m): string => chr((int) octdec($m[1]) & 255), $text);
    }
}
