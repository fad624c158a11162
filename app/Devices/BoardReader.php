<?php

declare(strict_types=1);

namespace App\Devices;

use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Reads the codes that a jpeg shows, with Debian's zbar-tools. A big picture is made smaller first: a board is large in it, and the small
 * one is read many times as fast; where nothing is found it is tried turned (a
 * code that stands on its corner is not found by rows) and with more contrast.
 */
final class BoardReader
{
    private const COMMAND = 'zbarimg';

    private const SMALL_PX = 1600;

    private const MOST_PIXELS = 150_000_000;

    private const TIMEOUT_S = 30;

    public static function isThere(): bool
    {
        return (new ExecutableFinder())->find(self::COMMAND) !== null;
    }

    /**
     * @return list<string>|null what the codes say, each once; null where the picture cannot be opened
     *
     * @throws NoBoardReader when the program that reads codes is not on this machine
     */
    public function codes(string $jpeg): ?array
    {
        $size = @getimagesizefromstring($jpeg);
        $image = $size === false || $size[0] * $size[1] > self::MOST_PIXELS ? false : @imagecreatefromstring($jpeg);
        if ($image === false) {
            return null;
        }
        $small = self::within($image, self::SMALL_PX);
        foreach ([
            static fn (): \GdImage => $small,
            static fn (): \GdImage => self::turned($small),
            static fn (): \GdImage => self::stretched($small),
            static fn (): \GdImage => self::turned(self::stretched($small)),
        ] as $picture) {
            $codes = self::read($picture());
            if ($codes !== []) {
                return $codes;
            }
        }

        return [];
    }

    private static function within(\GdImage $image, int $most): \GdImage
    {
        $longest = max(imagesx($image), imagesy($image));
        $scaled = $longest <= $most ? false : imagescale($image, (int) max(1, round(imagesx($image) * $most / $longest)), -1, IMG_BILINEAR_FIXED);

        return $scaled === false ? $image : $scaled;
    }

    private static function turned(\GdImage $image): \GdImage
    {
        return imagerotate($image, 45, 0) ?: $image;
    }

    /** From its darkest to its lightest over the whole range: of a picture that is far too dark there is little left to see. */
    private static function stretched(\GdImage $image): \GdImage
    {
        $gray = imagecreatetruecolor(imagesx($image), imagesy($image));
        imagecopy($gray, $image, 0, 0, 0, 0, imagesx($image), imagesy($image));
        imagefilter($gray, IMG_FILTER_GRAYSCALE);
        $tiny = imagescale($gray, 64) ?: $gray;
        $levels = [];
        for ($y = 0; $y < imagesy($tiny); $y++) {
            for ($x = 0; $x < imagesx($tiny); $x++) {
                $levels[] = (int) imagecolorat($tiny, $x, $y) & 0xFF;
            }
        }
        sort($levels);
        [$low, $high] = [$levels[intdiv(count($levels), 50)], $levels[count($levels) - 1 - intdiv(count($levels), 50)]];
        imagefilter($gray, IMG_FILTER_BRIGHTNESS, 128 - intdiv($low + $high, 2));
        imagefilter($gray, IMG_FILTER_CONTRAST, -(int) min(70, 100 * (sqrt(200 / max(20, $high - $low)) - 1)));

        return $gray;
    }

    /**
     * @return list<string>
     *
     * @throws NoBoardReader
     */
    private static function read(\GdImage $image): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'board');
        try {
            imagejpeg($image, $file, 95);
            $process = new Process([self::COMMAND, '--nodbus', '--quiet', '--raw', '-S*.disable', '-Sqrcode.enable', $file]);
            $process->setTimeout(self::TIMEOUT_S)->run();
            // 4: it looked, and there is none.
            if (! in_array($process->getExitCode(), [0, 4], true)) {
                throw self::isThere() ? NoBoardReader::failed($process->getErrorOutput()) : NoBoardReader::isMissing();
            }

            return array_values(array_unique(array_filter(array_map(trim(...), explode("\n", $process->getOutput())))));
        } finally {
            @unlink($file);
        }
    }
}
