<?php

declare(strict_types=1);

namespace App\Http;

/** The address of a page that is handed to others: one they can reach, where this machine has one on its network. */
final class SharedLink
{
    public static function to(string $path): string
    {
        $network = (string) config('satchel.lan_url');

        return $network === '' ? url($path) : $network.$path;
    }
}
