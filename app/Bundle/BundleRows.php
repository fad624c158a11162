<?php

declare(strict_types=1);

namespace App\Bundle;

/** The rows of a bundle, read and looked at before the first is written. */
final class BundleRows
{
    public const MOST = 500_000;

    private const MOST_BYTES_IN_ALL = 300_000_000;

    /**
     * Every table, read and found to be right by itself; what its rows point to is followed when they are written.
     *
     * @return array<string, list<array<string, mixed>>> by name
     */
    public static function of(\ZipArchive $zip): array
    {
        $bytes = 0;
        foreach (BundleTables::all() as $table) {
            $bytes += (int) ($zip->statName("tables/{$table->name}.json")['size'] ?? 0);
        }
        if ($bytes > self::MOST_BYTES_IN_ALL) {
            BundleFile::refuse('It is larger than can be read here.');
        }
        $tables = [];
        foreach (BundleTables::all() as $table) {
            $tables[$table->name] = self::rightRows($table, BundleFile::json($zip, "tables/{$table->name}.json"));
        }

        return $tables;
    }

    /**
     * @param  array<mixed>  $rows
     * @return list<array<string, mixed>>
     */
    private static function rightRows(BundleTable $table, array $rows): array
    {
        if (! array_is_list($rows) || count($rows) > self::MOST) {
            BundleFile::refuse(
                array_is_list($rows) ? "There are too many rows in {$table->name}." : "tables/{$table->name}.json must be a list of rows.",
            );
        }
        $rules = BundleRules::of($table->name);
        $points = array_merge(array_keys($table->refs), array_keys($table->later));
        $seen = [];
        foreach ($rows as $index => $row) {
            $where = "tables/{$table->name}.json, row ".($index + 1);
            if (! is_array($row) || ! is_int($row['id'] ?? null) || isset($seen[$row['id']])) {
                BundleFile::refuse("{$where}: a row needs a whole number of its own as its id.");
            }
            $seen[$row['id']] = true;
            foreach ($rules as $column => $rule) {
                $wrong = $rule->wrong($row[$column] ?? null);
                if ($wrong !== null) {
                    BundleFile::refuse("{$where}: {$column} {$wrong}.");
                }
            }
            foreach ($points as $column) {
                if (isset($row[$column]) && ! is_int($row[$column])) {
                    BundleFile::refuse("{$where}: {$column} must be the id of a row.");
                }
            }
        }

        return $rows;
    }
}
