<?php

declare(strict_types=1);

/* The front of PHP's own web server: files below public/ compressed and cacheable, all else to the application. */

$public = dirname(__DIR__).'/public';
$path = rawurldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH));
$file = realpath($public.$path);

if (
    $path !== '/' &&
    $file !== false &&
    str_starts_with($file, realpath($public).'/') &&
    is_file($file) &&
    ! str_ends_with($file, '.php')
) {
    $types = [
        'css' => 'text/css',
        'js' => 'text/javascript',
        'woff2' => 'font/woff2',
        'svg' => 'image/svg+xml',
        'png' => 'image/png',
        'webmanifest' => 'application/manifest+json',
    ];
    $ending = pathinfo($file, PATHINFO_EXTENSION);
    header('Content-Type: '.($types[$ending] ?? 'application/octet-stream'));
    header('X-Content-Type-Options: nosniff');
    header('Cache-Control: public, max-age=31536000, immutable');
    $bytes = (string) file_get_contents($file);
    if (in_array($ending, ['css', 'js', 'svg'], true) && str_contains($_SERVER['HTTP_ACCEPT_ENCODING'] ?? '', 'gzip')) {
        header('Content-Encoding: gzip');
        $bytes = (string) gzencode($bytes, 6);
    }
    header('Content-Length: '.strlen($bytes));
    echo $bytes;

    return true;
}

$_SERVER['SCRIPT_NAME'] = '/index.php';
$_SERVER['SCRIPT_FILENAME'] = $public.'/index.php';
require $public.'/index.php';
