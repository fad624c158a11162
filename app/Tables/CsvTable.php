<?php

declare(strict_types=1);

namespace App\Tables;

/**
 * A table of comma-separated values (RFC 4180), in and out. What a spreadsheet would take for a formula goes out as a text, and
 * comes in again as it was. Names of columns are read without regard to case. What parts the cells is told by the first line: comma,
 * semicolon or tab, as programs for tables write it in one country or another.
 */
final readonly class CsvTable
{
    /**
     * @param  list<string>  $columns  in small letters
     * @param  array<int, list<string>>  $lines  cells by the number of the line, the first after the columns is 2
     */
    private function __construct(public array $columns, public array $lines) {}

    /** @param  array<string, string>  $also  other names of columns, in small letters, and what they are here */
    public static function read(string $text, array $also = []): self
    {
        $text = ltrim($text, "\xEF\xBB\xBF");
        $mark = self::mark($text);
        $handle = self::memory();
        fwrite($handle, $text);
        rewind($handle);
        $head = fgetcsv($handle, separator: $mark, escape: '');
        $columns = array_map(static function (?string $name) use ($also): string {
            $name = mb_strtolower(trim((string) $name));

            return $also[$name] ?? $name;
        }, $head === false ? [] : $head);
        $lines = [];
        for ($number = 2; ($cells = fgetcsv($handle, separator: $mark, escape: '')) !== false; $number++) {
            $lines[$number] = array_map(static fn (?string $cell): string => CsvCell::read(trim((string) $cell)), $cells);
        }

        return new self($columns, $lines);
    }

    private static function mark(string $text): string
    {
        $first = (string) preg_replace('/"[^"]*"/', '', (string) strtok($text, "\r\n"));
        $counts = array_map(static fn (string $mark): int => substr_count($first, $mark), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);

        return (string) array_key_first($counts);
    }

    /**
     * @param  list<string>  $columns
     * @param  iterable<list<string>>  $lines
     */
    public static function write(array $columns, iterable $lines): string
    {
        $handle = self::memory();
        fputcsv($handle, $columns, escape: '', eol: "\r\n");
        foreach ($lines as $cells) {
            fputcsv($handle, array_map(CsvCell::write(...), $cells), escape: '', eol: "\r\n");
        }
        rewind($handle);

        return (string) stream_get_contents($handle);
    }

    public function has(string $column): bool
    {
        return in_array($column, $this->columns, true);
    }

    /** @return array<int, array<string, string>> cells by line and column; what a line lacks is empty */
    public function named(): array
    {
        return array_map(function (array $cells): array {
            $named = [];
            foreach ($this->columns as $index => $column) {
                $named[$column] = $cells[$index] ?? '';
            }

            return $named;
        }, $this->lines);
    }

    /** @return resource */
    private static function memory()
    {
        return fopen('php://temp', 'w+') ?: throw new \RuntimeException('No memory for the table.');
    }
}
