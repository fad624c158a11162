<?php

declare(strict_types=1);

/* Prints an address as a QR code made of half blocks, for the phone's camera. */

require dirname(__DIR__).'/vendor/autoload.php';

$code = (new TCPDF2DBarcode($argv[1], 'QRCODE,M'))->getBarcodeArray();
$rows = $code['bcode'];
$width = $code['num_cols'] + 4;
$isDark = static fn (int $y, int $x): bool => ($rows[$y - 2][$x - 2] ?? 0) == 1;
for ($y = 0; $y < $code['num_rows'] + 4; $y += 2) {
    $line = '';
    for ($x = 0; $x < $width; $x++) {
        $line .= match ([$isDark($y, $x), $isDark($y + 1, $x)]) {
            [true, true] => ' ',
            [true, false] => '▄',
            [false, true] => '▀',
            [false, false] => '█',
        };
    }
    echo '  ', $line, "\n";
}
