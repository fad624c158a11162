<?php

declare(strict_types=1);

namespace App\Bundle;

use App\Desks\Plan\SheetDesk;
use App\Models\Brief\Job;
use App\Tables\CsvTable;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Plan\Audience;

/**
 * A whole job as an open bundle: a zip with one JSON file a table, tables for spreadsheets beside them, and a word about
 * what is what (docs/bundle.md).
 */
final class BundleDesk
{
    public const FORMAT = 'north-satchel-job';

    public const VERSION = 1;

    /** Kept by the database itself, or of no meaning elsewhere. */
    public const LEFT_OUT = ['created_at', 'updated_at', 'deleted_at'];

    private const ROWS_A_READING = 5000;

    public function __construct(private readonly SheetDesk $sheets) {}

    /** @return string the zip's file, to be removed by whoever asked */
    public function export(Job $job): string
    {
        $file = tempnam(sys_get_temp_dir(), 'bundle') ?: throw new \RuntimeException('No room for the bundle.');
        $zip = new \ZipArchive();
        if ($zip->open($file, \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException('No room for the bundle.');
        }
        $counts = [];
        foreach (BundleTables::all() as $table) {
            $rows = self::rows($table, $job->id);
            $counts[$table->name] = count($rows);
            $zip->addFromString(
                "tables/{$table->name}.json",
                json_encode(
                    $rows,
                    JSON_THROW_ON_ERROR |
                        JSON_PRETTY_PRINT |
                        JSON_UNESCAPED_UNICODE |
                        JSON_UNESCAPED_SLASHES |
                        JSON_INVALID_UTF8_SUBSTITUTE,
                ),
            );
        }
        $taps = BundleTaps::rows($job->id);
        $counts['taps'] = count($taps);
        $zip->addFromString(
            BundleTaps::FILE,
            json_encode($taps, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
        );
        $zip->addFromString(
            'bundle.json',
            json_encode(
                [
                    'format' => self::FORMAT,
                    'version' => self::VERSION,
                    'job' => $job->name,
                    'date' => $job->date,
                    'made_at' => now()->utc()->format('Y-m-d\\TH:i:s\\Z'),
                    'rows' => $counts,
                ],
                JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE,
            ),
        );
        $zip->addFromString('csv/plan.csv', $this->sheets->table($job, Audience::Lead));
        $zip->addFromString(
            'csv/people.csv',
            CsvTable::write(['name', 'role'], $job->people->map(static fn ($p): array => [$p->name, (string) $p->role])->all()),
        );
        $zip->addFromString(
            'csv/kit.csv',
            CsvTable::write(
                ['kind', 'label', 'with'],
                $job->packing->map(static fn ($p): array => [$p->item->kind, $p->item->label, $p->lane])->all(),
            ),
        );
        $zip->addFromString('csv/frames.csv', $this->frames($job));
        $zip->close();

        return $file;
    }

    /** @return list<array<string, mixed>> with JSON columns opened up */
    private static function rows(BundleTable $table, int $jobId): array
    {
        $without = [...self::LEFT_OUT, ...$table->without];
        $rows = [];
        foreach (($table->rows)($jobId)->orderBy('id')->lazy(self::ROWS_A_READING) as $row) {
            $row = (array) $row;
            // What was taken away stays here.
            if (($row['deleted_at'] ?? null) !== null) {
                continue;
            }
            foreach ($table->json as $column) {
                $row[$column] = is_string($row[$column] ?? null) ? json_decode($row[$column], true) : null;
            }
            $rows[] = array_diff_key($row, array_flip($without));
        }

        return $rows;
    }

    /** Every frame with its card, time, exposure, size, hash and verified copies. */
    private function frames(Job $job): string
    {
        $loads = DB::table('card_events')->where('job_id', $job->id)->select('card_id');
        $rows = DB::table('frames')
            ->join('cards', 'cards.id', '=', 'frames.card_id')
            ->join('items', 'items.id', '=', 'cards.item_id')
            ->whereIn('frames.card_id', $loads)
            ->orderBy('frames.id')
            ->selectRaw(
                'items.label, frames.fill, frames.path, frames.taken_at, frames.body_serial, frames.lens, frames.shutter_s, '.
                    'frames.f_number, frames.iso, frames.bytes, frames.hash, (select group_concat(distinct destinations.name) from '.
                    'copies join copy_events on copy_events.id = copies.copy_event_id join destinations on destinations.id = '.
                    'copy_events.destination_id where copies.content = substr(frames.hash, 1, 64)) as copies',
            )
            ->get();

        return CsvTable::write(
            [
                'card',
                'fill',
                'path',
                'taken at (camera clock, Unix s)',
                'body',
                'lens',
                'shutter s',
                'f-number',
                'ISO',
                'bytes',
                'hash',
                'verified on',
            ],
            $rows->map(static fn (\stdClass $r): array => array_map(strval(...), array_values((array) $r)))->all(),
        );
    }
}
