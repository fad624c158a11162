<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/** What a camera wrote about one frame (Exif 2.32, CIPA DC-008). */
final readonly class Exif
{
    private function __construct(
        /** Seconds of the camera's own clock since 1970, as if that clock showed UTC. */
        public ?int $clock,
        /** The offset the camera says its clock has from UTC, seconds. */
        public ?int $offsetS,
        public ?string $maker,
        public ?string $model,
        public ?string $bodySerial,
        public ?string $lens,
        public ?float $shutterS,
        public ?float $fNumber,
        public ?int $iso,
        public ?float $focalMm,
        /** Of a lens on 36 × 24 mm with the same diagonal angle of view. */
        public ?float $focal35Mm,
        /** How the picture is to be turned, 1 to 8 (Exif tag 0x0112). */
        public int $orientation,
        public ?float $latitudeDeg,
        public ?float $longitudeDeg,
        /** Which way the camera looked, clockwise from north. */
        public ?float $directionDeg,
        /** Whether that north is the magnetic one. */
        public bool $isMagnetic,
    ) {}

    /** Null when the bytes hold no TIFF structure. */
    public static function of(Bytes $bytes): ?self
    {
        $tiff = Tiff::read($bytes);
        if ($tiff === null || $tiff->pictures === []) {
            return null;
        }
        $main = $tiff->pictures[0];
        $exif = $tiff->exif;

        return new self(
            clock: self::clock(self::text($exif[0x9003] ?? null) ?? self::text($main[0x0132] ?? null)),
            offsetS: self::offset(self::text($exif[0x9011] ?? null) ?? self::text($exif[0x9010] ?? null)),
            maker: self::text($main[0x010F] ?? null),
            model: self::text($main[0x0110] ?? null),
            bodySerial: self::text($exif[0xA431] ?? null) ?? self::text($main[0xC62F] ?? null),
            lens: self::text($exif[0xA434] ?? null),
            shutterS: self::number($exif[0x829A] ?? null),
            fNumber: self::number($exif[0x829D] ?? null),
            iso: self::whole($exif[0x8827] ?? null),
            focalMm: self::number($exif[0x920A] ?? null),
            focal35Mm: self::number($exif[0xA405] ?? null),
            orientation: self::whole($main[0x0112] ?? null) ?? 1,
            latitudeDeg: self::degrees($tiff->gps[0x0002] ?? null, self::text($tiff->gps[0x0001] ?? null) === 'S', 90),
            longitudeDeg: self::degrees($tiff->gps[0x0004] ?? null, self::text($tiff->gps[0x0003] ?? null) === 'W', 180),
            directionDeg: self::bearing($tiff->gps[0x0011] ?? null),
            isMagnetic: self::text($tiff->gps[0x0010] ?? null) === 'M',
        );
    }

    /** The instant of the frame as the camera believes it, Unix seconds; $zoneOffsetS where the camera names none. */
    public function instant(int $zoneOffsetS): ?int
    {
        return $this->clock === null ? null : $this->clock - ($this->offsetS ?? $zoneOffsetS);
    }

    /** Degrees, minutes and seconds as Exif writes them. */
    private static function degrees(mixed $value, bool $isNegative, float $most): ?float
    {
        [$whole, $minutes, $seconds] = is_array($value) && count($value) === 3 ? array_values($value) : [null, null, null];
        if (! is_numeric($whole) || ! is_numeric($minutes) || ! is_numeric($seconds)) {
            return null;
        }
        $degrees = (float) $whole + (float) $minutes / 60 + (float) $seconds / 3600;

        return $degrees > $most ? null : ($isNegative ? -$degrees : $degrees);
    }

    private static function bearing(mixed $value): ?float
    {
        $number = self::number($value);

        return $number === null || $number < 0 || $number > 360 ? null : fmod($number, 360);
    }

    private static function clock(?string $text): ?int
    {
        $p = [];
        if ($text === null || preg_match('/^(\d{4}):(\d{2}):(\d{2}) (\d{2}):(\d{2}):(\d{2})/', $text, $p) !== 1
            || ! checkdate((int) $p[2], (int) $p[3], (int) $p[1])) {
            return null;
        }

        return (int) gmmktime((int) $p[4], (int) $p[5], (int) $p[6], (int) $p[2], (int) $p[3], (int) $p[1]);
    }

    private static function offset(?string $text): ?int
    {
        $p = [];
        if ($text === null || preg_match('/^([+-])(\d{2}):(\d{2})$/D', $text, $p) !== 1) {
            return null;
        }
        $seconds = (int) $p[2] * 3600 + (int) $p[3] * 60;

        return $p[1] === '-' ? -$seconds : $seconds;
    }

    private static function text(mixed $value): ?string
    {
        return is_string($value) && trim($value) !== '' ? mb_scrub(trim($value), 'UTF-8') : null;
    }

    private static function number(mixed $value): ?float
    {
        return is_array($value) && is_numeric($value[0] ?? null) ? (float) $value[0] : null;
    }

    private static function whole(mixed $value): ?int
    {
        $number = self::number($value);

        return $number === null ? null : (int) $number;
    }
}
