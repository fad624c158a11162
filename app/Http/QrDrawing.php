<?php

declare(strict_types=1);

namespace App\Http;

/** A QR code (ISO/IEC 18004) as one SVG path, a unit a module. */
final class QrDrawing
{
    /**
     * @param  string  $level  of error correction: L, M, Q or H
     * @return array{path: string, size: int}
     */
    public static function path(string $text, string $level = 'M'): array
    {
        $code = (new \TCPDF2DBarcode($text, "QRCODE,{$level}"))->getBarcodeArray();
        $path = '';
        foreach (array_values($code['bcode']) as $y => $row) {
            foreach (array_values($row) as $x => $cell) {
                $path .= (int) $cell === 1 ? "M{$x} {$y}h1v1h-1z" : '';
            }
        }

        return ['path' => $path, 'size' => (int) $code['num_cols']];
    }
}
