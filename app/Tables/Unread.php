<?php

declare(strict_types=1);

namespace App\Tables;

/** Columns of a table that nobody here reads: they are told, for nothing is dropped in silence. */
final class Unread
{
    /** @param  list<string>  $known */
    public static function says(CsvTable $table, array $known): string
    {
        $columns = array_values(array_filter(array_diff($table->columns, $known), static fn (string $name): bool => $name !== ''));

        return $columns === [] ? '' : ' Not read: '.(count($columns) === 1 ? 'the column ' : 'the columns ').implode(', ', $columns).'.';
    }
}
