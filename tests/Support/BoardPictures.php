<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Plan\Boards\BoardCode;

/** Pictures of number boards as they come out on a set: cluttered, turned, dim, soft, askew. Made from a seed. */
final class BoardPictures
{
    public function __construct(private readonly int $seed)
    {
        mt_srand($seed);
    }

    /** @param  list<string>  $codes  on boards side by side */
    public static function jpeg(array $codes, int $width = 1500, int $height = 1000): string
    {
        return (new self(1))->picture($codes, $width, $height, 0, 0, 0, 0);
    }

    /** One with a board that is harmed as the seed has it. */
    public function harmed(string $code): string
    {
        return $this->picture([$code], 1500, 1000, mt_rand(-35, 35), mt_rand(0, 25) / 100, mt_rand(0, 150), mt_rand(0, 5));
    }

    /**
     * @param  list<string>  $codes
     * @param  float  $askew  by how much of its height one side is shorter
     * @param  int  $dim  levels darker
     * @param  int  $blur  passes of a 3 × 3 kernel
     */
    private function picture(array $codes, int $width, int $height, float $turn, float $askew, int $dim, int $blur): string
    {
        $image = imagecreatetruecolor($width, $height);
        for ($i = 0; $i < 120; $i++) {
            $colour = (int) imagecolorallocate($image, mt_rand(60, 220), mt_rand(60, 220), mt_rand(60, 220));
            [$x, $y] = [mt_rand(0, $width), mt_rand(0, $height)];
            imagefilledrectangle($image, $x, $y, $x + mt_rand(10, 300), $y + mt_rand(10, 300), $colour);
        }
        $room = intdiv($width, count($codes));
        foreach ($codes as $i => $code) {
            $board = self::askew(self::board($code, (int) (0.42 * min($room, $height))), $askew);
            $board = $turn === 0.0 || $turn === 0 ? $board : (imagerotate($board, $turn, (int) imagecolorallocate($board, 190, 190, 190)) ?: $board);
            $x = $i * $room + intdiv($room - imagesx($board), 2);
            imagecopy($image, $board, $x, intdiv($height - imagesy($board), 2), 0, 0, imagesx($board), imagesy($board));
        }
        imagefilter($image, IMG_FILTER_BRIGHTNESS, -$dim);
        for ($i = 0; $i < $blur; $i++) {
            imagefilter($image, IMG_FILTER_GAUSSIAN_BLUR);
        }
        ob_start();
        imagejpeg($image, null, 85);

        return (string) ob_get_clean();
    }

    private static function board(string $code, int $size): \GdImage
    {
        $bars = (new \TCPDF2DBarcode($code, 'QRCODE,H'))->getBarcodeArray();
        $step = max(1, intdiv($size, $bars['num_cols'] + 8));
        $side = ($bars['num_cols'] + 8) * $step;
        $board = imagecreatetruecolor($side, $side);
        imagefill($board, 0, 0, (int) imagecolorallocate($board, 240, 240, 235));
        $ink = (int) imagecolorallocate($board, 25, 25, 28);
        foreach ($bars['bcode'] as $row => $cells) {
            foreach ($cells as $column => $is) {
                if ((int) $is === 1) {
                    imagefilledrectangle($board, ($column + 4) * $step, ($row + 4) * $step, ($column + 5) * $step - 1, ($row + 5) * $step - 1, $ink);
                }
            }
        }

        return $board;
    }

    /** As seen from the side: the left farther away, in true perspective. */
    private static function askew(\GdImage $board, float $askew): \GdImage
    {
        if ($askew <= 0) {
            return $board;
        }
        [$w, $h] = [imagesx($board), imagesy($board)];
        $out = imagecreatetruecolor($w, $h);
        imagefill($out, 0, 0, (int) imagecolorallocate($out, 190, 190, 190));
        for ($x = 0; $x < $w; $x++) {
            // Depths go as the inverse of heights, and what is linear in the picture is the board's place over its depth.
            $u = $x / max(1, $w - 1);
            $v = $u / (1 - $askew * (1 - $u));
            $tall = (int) round($h * (1 - $askew * (1 - $u)));
            imagecopyresampled($out, $board, $x, intdiv($h - $tall, 2), (int) round($v * ($w - 1)), 0, 1, $tall, 1, $h);
        }

        return $out;
    }

    public static function code(int $job, int $number): string
    {
        return BoardCode::of($job, $number);
    }
}
