<?php

declare(strict_types=1);

namespace App\Bundle;

use Illuminate\Validation\ValidationException;

/** A bundle's file from outside: what is in it is not believed, and not read past what can be held. */
final class BundleFile
{
    private const MOST_BYTES = 120_000_000;

    /** Tables of a job shrink to a twentieth; what shrinks to so little more was made to burst. */
    private const MOST_SHRUNK = 200;

    private const MOST_VALUES = 12_000_000;

    /** @return array<mixed> */
    public static function json(\ZipArchive $zip, string $name): array
    {
        $stat = $zip->statName($name);
        if ($stat === false) {
            self::refuse("{$name} is missing: this is no bundle of a job, or it was cut short.");
        }
        if (
            $stat['size'] > self::MOST_BYTES ||
            ($stat['size'] > 1_000_000 && $stat['size'] > self::MOST_SHRUNK * max(1, $stat['comp_size']))
        ) {
            self::refuse("{$name} is larger than can be read here.");
        }
        $text = (string) $zip->getFromName($name);
        // Numbers alone take two bytes each, and sixteen times that in memory.
        if (substr_count($text, ',') > self::MOST_VALUES) {
            self::refuse("{$name} holds more than can be read here.");
        }
        $value = json_decode($text, true, 32);
        if (! is_array($value)) {
            self::refuse("{$name} is no JSON list or object.");
        }

        return $value;
    }

    public static function refuse(string $why): never
    {
        throw ValidationException::withMessages(['bundle' => $why]);
    }
}
