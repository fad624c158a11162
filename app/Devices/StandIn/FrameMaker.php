<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

/** Makes the files of one frame: a drawn jpeg and a minimal DNG, both with the same Exif. */
final readonly class FrameMaker
{
    private const MAKER = 'Ostervik';

    private const DNG_WIDTH = 512;

    private const JPEG_WIDTH = 600;

    private const JPEG_HEIGHT = 400;

    public function __construct(private string $model, private string $serial, private int $rawKb) {}

    public function jpeg(Exposure $e, int $clockErrorS, int $number): string
    {
        $jpeg = $this->drawn($e, $number);
        $exif =
            "Exif\0\0".
            TiffBlock::build(
                $this->mainTags($e, $clockErrorS) + [
                    0x011A => [TiffBlock::RATIONAL, [72, 1]],
                    0x011B => [TiffBlock::RATIONAL, [72, 1]],
                    0x0128 => [TiffBlock::SHORT, 2],
                    0x0213 => [TiffBlock::SHORT, 1],
                ],
                $this->exifTags($e, $clockErrorS) + [
                    0x9101 => [TiffBlock::UNDEFINED, "\1\2\3\0"],
                    0xA000 => [TiffBlock::UNDEFINED, '0100'],
                    0xA001 => [TiffBlock::SHORT, 1],
                    0xA002 => [TiffBlock::SHORT, self::JPEG_WIDTH],
                    0xA003 => [TiffBlock::SHORT, self::JPEG_HEIGHT],
                ],
            );

        return "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
    }

    private function drawn(Exposure $e, int $number): string
    {
        $seed = crc32($this->serial.$number.$e->at);
        $image = imagecreatetruecolor(self::JPEG_WIDTH, self::JPEG_HEIGHT);
        if ($image === false) {
            throw new \RuntimeException('A stand-in picture could not be drawn.');
        }
        $colour = static fn (int $shift): int => imagecolorallocate(
            $image,
            60 + (($seed >> $shift) % 160),
            60 + (($seed >> ($shift + 3)) % 140),
            60 + (($seed >> ($shift + 5)) % 120),
        ) ?:
        0;
        imagefilledrectangle($image, 0, 0, 599, 260, $colour(1));
        imagefilledrectangle($image, 0, 260, 599, 399, $colour(4));
        for ($i = 0; $i < 5; $i++) {
            $x = 80 + $i * 110 + (($seed >> $i) % 40);
            $skin = $colour(7 + $i);
            imagefilledellipse($image, $x, 190 + (($seed >> ($i + 2)) % 30), 44, 54, $skin);
            imagefilledellipse($image, $x, 300, 90, 170, $colour(9 + $i));
        }
        $e->board === null ? null : self::holdUp($image, $e->board);
        imagestring($image, 5, 14, 372, $e->scene.'  '.sprintf('%04d', $number), 0xFFFFFF);
        ob_start();
        imagejpeg($image, null, 82);

        return (string) ob_get_clean();
    }

    /** A number board in the middle of the picture. */
    private static function holdUp(\GdImage $image, string $code): void
    {
        $bars = (new \TCPDF2DBarcode($code, 'QRCODE,H'))->getBarcodeArray();
        $step = max(1, intdiv(300, $bars['num_cols'] + 8));
        $side = ($bars['num_cols'] + 8) * $step;
        [$left, $top] = [intdiv(self::JPEG_WIDTH - $side, 2), intdiv(self::JPEG_HEIGHT - $side, 2)];
        imagefilledrectangle($image, $left, $top, $left + $side, $top + $side, 0xF2F2EE);
        foreach (array_values($bars['bcode']) as $y => $row) {
            foreach (array_values($row) as $x => $is) {
                if ((int) $is === 1) {
                    [$atX, $atY] = [$left + ($x + 4) * $step, $top + ($y + 4) * $step];
                    imagefilledrectangle($image, $atX, $atY, $atX + $step - 1, $atY + $step - 1, 0x181818);
                }
            }
        }
    }

    /**
     * A DNG with one strip of sensor data and the digest of it (DNG specification 1.4, from memory).
     *
     * @param  bool  $isAlone  no jpeg stands beside it: then it carries one for showing
     */
    public function raw(Exposure $e, int $clockErrorS, int $number, bool $isAlone = false): string
    {
        $rows = max(1, intdiv($this->rawKb * 1000, self::DNG_WIDTH * 2));
        $strip = self::noise(crc32("{$this->serial} {$number} {$e->at}"), $rows * self::DNG_WIDTH * 2);
        $main = $this->mainTags($e, $clockErrorS) + [
            0x00FE => [TiffBlock::LONG, 0],
            0x0100 => [TiffBlock::LONG, self::DNG_WIDTH],
            0x0101 => [TiffBlock::LONG, $rows],
            0x0102 => [TiffBlock::SHORT, 16],
            0x0103 => [TiffBlock::SHORT, 1],
            0x0106 => [TiffBlock::SHORT, 32803],
            0x0115 => [TiffBlock::SHORT, 1],
            0x0116 => [TiffBlock::LONG, $rows],
            0x0117 => [TiffBlock::LONG, strlen($strip)],
            0x011C => [TiffBlock::SHORT, 1],
            0x828D => [TiffBlock::SHORT, [2, 2]],
            0x828E => [TiffBlock::BYTE, "\0\1\1\2"],
            0xC612 => [TiffBlock::BYTE, "\1\4\0\0"],
            0xC614 => [TiffBlock::ASCII, self::MAKER.' '.$this->model],
            0xC621 => [TiffBlock::SRATIONAL, [[1, 1], [0, 1], [0, 1], [0, 1], [1, 1], [0, 1], [0, 1], [0, 1], [1, 1]]],
            0xC628 => [TiffBlock::RATIONAL, [[1, 2], [1, 1], [2, 3]]],
            0xC62F => [TiffBlock::ASCII, $this->serial],
            0xC65A => [TiffBlock::SHORT, 21],
            0xC71C => [TiffBlock::BYTE, md5($strip, true)],
        ];

        return TiffBlock::build($main, $this->exifTags($e, $clockErrorS), $strip, preview: $isAlone ? $this->drawn($e, $number) : null);
    }

    /** @return array<int, array{int, mixed}> */
    private function mainTags(Exposure $e, int $clockErrorS): array
    {
        return [
            0x010F => [TiffBlock::ASCII, self::MAKER],
            0x0110 => [TiffBlock::ASCII, $this->model],
            0x0112 => [TiffBlock::SHORT, 1],
            0x0132 => [TiffBlock::ASCII, self::clock($e, $clockErrorS)],
        ];
    }

    /** @return array<int, array{int, mixed}> */
    private function exifTags(Exposure $e, int $clockErrorS): array
    {
        $offset = sprintf('%s%02d:%02d', $e->offsetS < 0 ? '-' : '+', intdiv(abs($e->offsetS), 3600), intdiv(abs($e->offsetS), 60) % 60);

        return [
            0x829A => [TiffBlock::RATIONAL, [1, $e->shutterDenominator]],
            0x829D => [TiffBlock::RATIONAL, [(int) round($e->fNumber * 10), 10]],
            0x8827 => [TiffBlock::SHORT, $e->iso],
            0x9000 => [TiffBlock::UNDEFINED, '0232'],
            0x9003 => [TiffBlock::ASCII, self::clock($e, $clockErrorS)],
            0x9004 => [TiffBlock::ASCII, self::clock($e, $clockErrorS)],
            0x9010 => [TiffBlock::ASCII, $offset],
            0x9011 => [TiffBlock::ASCII, $offset],
            0x9012 => [TiffBlock::ASCII, $offset],
            0x920A => [TiffBlock::RATIONAL, [$e->focalMm, 1]],
            0xA431 => [TiffBlock::ASCII, $this->serial],
            0xA433 => [TiffBlock::ASCII, self::MAKER],
            0xA434 => [TiffBlock::ASCII, $e->lens],
        ];
    }

    private static function clock(Exposure $e, int $clockErrorS): string
    {
        return gmdate('Y:m:d H:i:s', $e->at + $e->offsetS + $clockErrorS);
    }

    /** Bytes that repeat for the same seed and differ for another. */
    private static function noise(int $seed, int $length): string
    {
        $key = hash('sha256', (string) $seed, true);

        return sodium_crypto_stream($length, substr($key, 0, 24), $key);
    }
}
