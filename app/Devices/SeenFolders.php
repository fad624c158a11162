<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Cards\Permit\Medium;

/** What is mounted on this machine where cards and drives usually are, so that nobody has to type a path. */
final class SeenFolders
{
    private const USUAL = ['/media', '/media/*', '/run/media/*', '/mnt', '/Volumes'];

    private const MOST = 40;

    /** @return list<SeenFolder> */
    public static function now(): array
    {
        $disks = new DiskBehind();
        $seen = [];
        foreach (config('satchel.mount_roots') ?? self::USUAL as $pattern) {
            foreach (glob("{$pattern}/*", GLOB_ONLYDIR) ?: [] as $folder) {
                $real = realpath($folder);
                if ($real === false || ! is_readable($real) || isset($seen[$real]) || count($seen) >= self::MOST) {
                    continue;
                }
                $isCard = PlaceRule::isCard($real);
                $disk = $disks->of($real);
                if ($isCard || $disk->mountedAt === $real) {
                    $seen[$real] = new SeenFolder(
                        $real,
                        $isCard,
                        Medium::found($disk->lasting ?? [])->name,
                        round((float) @disk_total_space($real) / 1e9, 1),
                    );
                }
            }
        }
        ksort($seen, SORT_STRING);

        return array_values($seen);
    }
}
