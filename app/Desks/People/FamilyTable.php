<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Tables\CsvTable;
use App\Tables\Unread;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Brief\PeopleText;

/** The family as a table for spreadsheets, out and in: all of it or nothing. */
final class FamilyTable
{
    private const ALSO = [
        'guest' => 'name', 'full name' => 'name', 'person' => 'name',
        'surname' => 'last name', 'family name' => 'last name', 'given name' => 'first name', 'forename' => 'first name',
        'role' => 'who', 'relation' => 'who', 'relationship' => 'who', 'who it is' => 'who', 'who is it' => 'who',
    ];

    /** What is written of somebody, in whichever of these. */
    private const WHO = ['who', 'needs', 'notes', 'note', 'remarks', 'comment', 'comments', 'age'];

    public function __construct(private readonly GroupDesk $people) {}

    public function out(Job $job): string
    {
        return CsvTable::write(['name', 'who'], $job->people->map(static fn (Person $p): array => [$p->name, (string) $p->role])->values()->all());
    }

    /**
     * @return string how many people it names, and what of it nobody reads
     *
     * @throws ValidationException naming what is wrong
     */
    public function in(Job $job, string $text): string
    {
        if (preg_match('//u', $text) !== 1) {
            throw ValidationException::withMessages(['file' => 'It must be text in UTF-8. Nothing was changed.']);
        }
        $table = CsvTable::read($text, self::ALSO);
        if (! $table->has('name') && ! $table->has('first name')) {
            throw ValidationException::withMessages([
                'file' => 'Its first line must name the column name, and who it is in the column who. Nothing was changed.',
            ]);
        }
        $lines = [];
        foreach ($table->named() as $line) {
            $name = trim(($line['name'] ?? '') ?: ($line['first name'] ?? '').' '.($line['last name'] ?? ''));
            if ($name !== '') {
                $who = array_filter(array_intersect_key($line, array_flip(self::WHO)), static fn (string $said): bool => $said !== '');
                $lines[] = implode(', ', [str_replace([',', "\n", "\r"], ' ', $name), ...array_values(str_replace(["\n", "\r"], ' ', $who))]);
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

        $read = PeopleText::read(implode("\n", $lines));
        $count = count($read->people);

        return ($count === 1 ? 'One person is' : "{$count} people are").' in the family.'.$read->sentencesTold().
            Unread::says($table, ['name', 'first name', 'last name', ...self::WHO]);
    }
}
