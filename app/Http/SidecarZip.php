<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** Sidecars in a zip, to be taken away. */
final class SidecarZip
{
    /**
     * With nothing to take away it says so where one came from: an archive without entries is no file.
     *
     * @param  array<string, string>  $sidecars  by name
     */
    public static function of(array $sidecars, string $name): Response|RedirectResponse
    {
        if ($sidecars === []) {
            return back()->with('said', 'Nothing was written: there is no frame here yet to write a sidecar for.');
        }
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
