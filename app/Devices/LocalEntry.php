<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Volume\EntryKind;

/** What lies at a path of this machine, and why it could not be reached. */
final class LocalEntry
{
    public static function kind(string $full): ?EntryKind
    {
        if (is_link($full)) {
            return EntryKind::Link;
        }

        return match (@filetype($full)) {
            false => null,
            'file' => EntryKind::File,
            'dir' => EntryKind::Folder,
            default => EntryKind::Special,
        };
    }

    public static function lastError(): string
    {
        $message = error_get_last()['message'] ?? 'the system gave no reason';

        return lcfirst(trim((string) preg_replace('/^.*\): /', '', $message)));
    }
}
