<?php

declare(strict_types=1);

namespace App\Tables;

/** A cell no spreadsheet takes for a formula: an apostrophe goes before what would start one, and off again on the way in. */
final class CsvCell
{
    public static function write(string $text): string
    {
        return preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'".$text : $text;
    }

    public static function read(string $cell): string
    {
        return preg_match("/^'[=+\-@\t\r]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
