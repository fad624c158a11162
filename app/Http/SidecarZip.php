<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Response;

/** Sidecars in a zip, to be taken away. */
final class SidecarZip
{
    /** @param  array<string, string>  $sidecars  by name */
    public static function of(array $sidecars, string $name): Response
    {
        $file = tempnam(sys_get_temp_dir(), 'sidecars') ?: throw new \RuntimeException('No room for the sidecars.');
        $zip = new \ZipArchive();
        $zip->open($file, \ZipArchive::OVERWRITE);
        foreach ($sidecars as $path => $xmp) {
            $zip->addFromString($path, $xmp);
        }
        $zip->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return response($bytes, 200, ['Content-Type' => 'application/zip', 'Content-Disposition' => "attachment; filename=\"{$name}\""]);
    }
}
