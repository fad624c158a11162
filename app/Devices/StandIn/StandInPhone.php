<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

/**
 * A phone that takes a test picture of a level field with one tree on it, and writes place, direction and
 * exposure as phones do. What is drawn stands where the geometry says, so that it can be measured again.
 */
final readonly class StandInPhone
{
    private const WIDTH = 1200;

    private const HEIGHT = 900;

    private const FOCAL_35_MM = 26;

    private const DIAGONAL_MM = 43.2666;

    private const EYE_M = 1.6;

    public function __construct(
        private float $latitudeDeg,
        private float $longitudeDeg,
        private float $directionDeg,
        private int $at,
        private int $offsetS,
        private float $fNumber,
        private int $shutterDenominator,
        private int $iso,
    ) {}

    /** A jpeg of a tree of that height and width, so far away and so many degrees to the right of the middle. */
    public function treeAt(float $distanceM, float $heightM, float $widthM, float $rightDeg): string
    {
        $px = (self::FOCAL_35_MM * hypot(self::WIDTH, self::HEIGHT)) / self::DIAGONAL_MM;
        $x = self::WIDTH / 2 + $px * tan(deg2rad($rightDeg));
        $foot = self::HEIGHT / 2 + ($px * self::EYE_M) / $distanceM;
        $top = self::HEIGHT / 2 - ($px * ($heightM - self::EYE_M)) / $distanceM;
        $half = ($px * $widthM) / 2 / $distanceM;
        $image = imagecreatetruecolor(self::WIDTH, self::HEIGHT);
        if ($image === false) {
            throw new \RuntimeException('A stand-in picture could not be drawn.');
        }
        imagefilledrectangle($image, 0, 0, self::WIDTH, self::HEIGHT, 0xC9D6DC);
        imagefilledrectangle($image, 0, intdiv(self::HEIGHT, 2), self::WIDTH, self::HEIGHT, 0x8D9B6E);
        imagefilledpolygon($image, [(int) $x, (int) $top, (int) ($x + $half), (int) $foot, (int) ($x - $half), (int) $foot], 0x33452F);
        ob_start();
        imagejpeg($image, null, 85);
        $jpeg = (string) ob_get_clean();
        $exif = "Exif\0\0".TiffBlock::build($this->main(), $this->exif(), gps: $this->gps());

        return "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    /** @return array<int, array{int, mixed}> */
    private function main(): array
    {
        return [0x010F => [TiffBlock::ASCII, 'Ostervik'], 0x0110 => [TiffBlock::ASCII, 'Pocket 2'], 0x0112 => [TiffBlock::SHORT, 1]];
    }

    /** @return array<int, array{int, mixed}> */
    private function exif(): array
    {
        $offset = sprintf(
            '%s%02d:%02d',
            $this->offsetS < 0 ? '-' : '+',
            intdiv(abs($this->offsetS), 3600),
            intdiv(abs($this->offsetS), 60) % 60,
        );

        return [
            0x829A => [TiffBlock::RATIONAL, [1, $this->shutterDenominator]],
            0x829D => [TiffBlock::RATIONAL, [(int) round($this->fNumber * 10), 10]],
            0x8827 => [TiffBlock::SHORT, $this->iso],
            0x9003 => [TiffBlock::ASCII, gmdate('Y:m:d H:i:s', $this->at + $this->offsetS)],
            0x9011 => [TiffBlock::ASCII, $offset],
            0xA405 => [TiffBlock::SHORT, self::FOCAL_35_MM],
        ];
    }

    /** @return array<int, array{int, mixed}> */
    private function gps(): array
    {
        return [
            0x0001 => [TiffBlock::ASCII, $this->latitudeDeg < 0 ? 'S' : 'N'],
            0x0002 => [TiffBlock::RATIONAL, self::parts(abs($this->latitudeDeg))],
            0x0003 => [TiffBlock::ASCII, $this->longitudeDeg < 0 ? 'W' : 'E'],
            0x0004 => [TiffBlock::RATIONAL, self::parts(abs($this->longitudeDeg))],
            0x0010 => [TiffBlock::ASCII, 'T'],
            0x0011 => [TiffBlock::RATIONAL, [(int) round($this->directionDeg * 100), 100]],
        ];
    }

    /** @return list<array{int, int}> degrees, minutes, seconds */
    private static function parts(float $degrees): array
    {
        $minutes = ($degrees - floor($degrees)) * 60;

        return [[(int) $degrees, 1], [(int) $minutes, 1], [(int) round(($minutes - floor($minutes)) * 60 * 1000), 1000]];
    }
}
