<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Tables\CsvTable;
use Illuminate\Validation\ValidationException;

/** The family as a table for spreadsheets, out and in: all of it or nothing. */
final class FamilyTable
{
    private const ALSO = [
        'guest' => 'name', 'full name' => 'name', 'person' => 'name',
        'role' => 'who', 'relation' => 'who', 'relationship' => 'who', 'who it is' => 'who', 'who is it' => 'who',
    ];

    public function __construct(private readonly GroupDesk $people) {}

    public function out(Job $job): string
    {
        return CsvTable::write(['name', 'who'], $job->people->map(static fn (Person $p): array => [$p->name, (string) $p->role])->values()->all());
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
        $table = CsvTable::read($text, self::ALSO);
        if (! $table->has('name')) {
            throw ValidationException::withMessages([
                'file' => 'Its first line must name the column name, and who it is in the column who. Nothing was changed.',
            ]);
        }
        $lines = [];
        foreach ($table->named() as $line) {
            if ($line['name'] !== '') {
                $lines[] = str_replace([',', "\n", "\r"], ' ', $line['name']).
                    ($table->has('who') ? ', '.str_replace(["\n", "\r"], ' ', $line['who']) : '');
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
