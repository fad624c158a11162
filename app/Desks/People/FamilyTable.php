<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Models\Brief\Job;
use App\Tables\CsvCell;
use Illuminate\Validation\ValidationException;

/** The family as a table for spreadsheets, out and in: all of it or nothing. */
final class FamilyTable
{
    public function __construct(private readonly GroupDesk $people) {}

    public function out(Job $job): string
    {
        $handle = fopen('php://temp', 'w+') ?: throw new \RuntimeException('No memory for the table.');
        $put = static fn (array $cells) => fputcsv($handle, array_map(CsvCell::write(...), $cells), escape: '', eol: "\r\n");
        $put(['name', 'who']);
        foreach ($job->people as $person) {
            $put([$person->name, (string) $person->role]);
        }
        rewind($handle);

        return (string) stream_get_contents($handle);
    }

    /**
     * @return int how many people it names
     *
     * @throws ValidationException naming what is wrong
     */
    public function in(Job $job, string $text): int
    {
        if (preg_match('//u', $text) !== 1) {
            throw ValidationException::withMessages(['file' => 'It must be text in UTF-8. Nothing was changed.']);
        }
        $handle = fopen('php://temp', 'w+') ?: throw new \RuntimeException('No memory for the table.');
        fwrite($handle, ltrim($text, "\xEF\xBB\xBF"));
        rewind($handle);
        $head = array_map(static fn (?string $name): string => mb_strtolower(trim((string) $name)), fgetcsv($handle, escape: '') ?: []);
        $name = array_search('name', $head, true);
        if ($name === false) {
            throw ValidationException::withMessages([
                'file' => 'Its first line must name the column name, and who it is in the column who. Nothing was changed.',
            ]);
        }
        $who = array_search('who', $head, true);
        $lines = [];
        while (($cells = fgetcsv($handle, escape: '')) !== false) {
            $called = CsvCell::read(trim((string) ($cells[$name] ?? '')));
            if ($called !== '') {
                $lines[] =
                    str_replace([',', "\n", "\r"], ' ', $called).
                    ($who === false ? '' : ', '.str_replace(["\n", "\r"], ' ', CsvCell::read(trim((string) ($cells[$who] ?? '')))));
            }
        }
        if ($lines === []) {
            throw ValidationException::withMessages(['file' => 'Nobody is in it. Nothing was changed.']);
        }
        try {
            $this->people->saveFamily($job, implode("\n", $lines));
        } catch (ValidationException $e) {
            throw ValidationException::withMessages(['file' => $e->validator->errors()->first().' Nothing was changed.']);
        }

        return count($lines);
    }
}
