<?php

declare(strict_types=1);

namespace App\Http;

/** A QR code (ISO/IEC 18004) as one SVG path, a unit a module. */
final readonly class QrDrawing
{
    /** @param  int  $size  modules along a side */
    private function __construct(public string $path, public int $size) {}

    /** @param  string  $level  of error correction: L, M, Q or H */
    public static function of(string $text, string $level = 'M'): self
    {
        $code = (new \TCPDF2DBarcode($text, "QRCODE,{$level}"))->getBarcodeArray();
        $path = '';
        foreach (array_values($code['bcode']) as $y => $row) {
            foreach (array_values($row) as $x => $cell) {
                $path .= (int) $cell === 1 ? "M{$x} {$y}h1v1h-1z" : '';
            }
        }

        return new self($path, (int) $code['num_cols']);
    }
}
