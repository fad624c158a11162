<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * A small file that is left beside the bags, by which a place is known again: a mount folder in which nothing is mounted does
 * not have it, and another drive has another.
 */
final class PlaceMark
{
    public const FILE = 'north-satchel-place.json';

    private const LARGEST = 4096;

    /** Null where there is none that can be read. */
    public static function read(string $folder): ?string
    {
        $file = "{$folder}/".self::FILE;
        $text = is_file($file) && ! is_link($file) ? @file_get_contents($file, false, null, 0, self::LARGEST) : false;
        $told = $text === false ? null : json_decode($text, true);
        $mark = is_array($told) ? $told['place'] ?? null : null;

        return is_string($mark) && preg_match('/^[0-9a-f]{32}$/D', $mark) === 1 ? $mark : null;
    }

    /**
     * Leaves one, or finds the one that is there.
     *
     * @throws FolderNotAllowed when nothing can be written there
     */
    public static function leave(string $folder): string
    {
        $mark = self::read($folder);
        if ($mark !== null) {
            return $mark;
        }
        $mark = bin2hex(random_bytes(16));
        $text =
            json_encode(
                ['place' => $mark, 'what' => 'North Satchel knows this place for copies by this file. Leave it here.'],
                JSON_THROW_ON_ERROR,
            )."\n";
        $handle = @fopen("{$folder}/".self::FILE, 'xb');
        if ($handle === false || fwrite($handle, $text) !== strlen($text) || ! fflush($handle) || ! fsync($handle)) {
            throw FolderNotAllowed::notWritable($folder);
        }
        fclose($handle);

        return $mark;
    }
}
