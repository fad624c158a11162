<?php

declare(strict_types=1);

namespace App\Bundle;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\House\Readiness;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

/**
 * Reads a bundle in as a new job, whole or not at all. Things of the kit that are on the shelf here are taken for the same
 * where kind and name agree; cards and bodies with a life of their own come as new ones, so that no log is mixed up. Nothing
 * that a bundle names as a folder or a sign-in is read.
 */
final class BundleImport
{
    private const ROWS_A_QUERY = 200;

    private const SKIPPED = 1_000_000;

    /** @var array<string, array<int, int>> new ids by table and id in the bundle */
    private array $ids = [];

    /** @var list<array{table: string, id: int, column: string, to: string, ref: int}> */
    private array $later = [];

    public function __construct(private readonly Readiness $readiness) {}

    /**
     * @return int the new job
     *
     * @throws ValidationException when it is no bundle, or does not make a job; nothing is changed then
     */
    public function read(string $file): int
    {
        $zip = new \ZipArchive();
        if ($zip->open($file, \ZipArchive::RDONLY) !== true) {
            BundleFile::refuse('This is no zip.');
        }
        $head = BundleFile::json($zip, 'bundle.json');
        if (($head['format'] ?? null) !== BundleDesk::FORMAT || ($head['version'] ?? null) !== BundleDesk::VERSION) {
            BundleFile::refuse(
                ($head['format'] ?? null) === BundleDesk::FORMAT
                    ? 'This bundle was made by another version: '.
                        json_encode($head['version'] ?? null).
                        ', and '.
                        BundleDesk::VERSION.
                        ' is read here.'
                    : 'This is no bundle of a job.',
            );
        }
        $this->ids = [];
        $this->later = [];
        // All is read and looked at before the first row is written.
        $tables = BundleRows::of($zip);
        $taps = BundleTaps::right($zip->statName(BundleTaps::FILE) === false ? [] : BundleFile::json($zip, BundleTaps::FILE));
        try {
            return DB::transaction(function () use ($tables, $taps): int {
                foreach (BundleTables::all() as $table) {
                    $this->table($table, $tables[$table->name]);
                }
                $this->settleLater();
                $job = array_values($this->ids['jobs'] ?? [])[0] ?? BundleFile::refuse('There is no job in it.');
                $this->separations($job);
                BundleTaps::store($taps, $job, $this->ids);
                $this->spans();
                $this->openOnce($job);

                return $job;
            });
        } catch (\Throwable $e) {
            // What was judged on the way must not be taken for the findings of a job that comes later under the same number.
            DB::table('changes')->increment('number', self::SKIPPED);
            throw $e;
        } finally {
            $zip->close();
        }
    }

    /** @param  array<mixed>  $rows */
    private function table(BundleTable $table, array $rows): void
    {
        if (count($rows) > BundleRows::MOST || ($table->name === 'jobs' && count($rows) !== 1)) {
            BundleFile::refuse($table->name === 'jobs' ? 'A bundle holds one job.' : "There are too many rows in {$table->name}.");
        }
        $columns = array_diff(Schema::getColumnListing($table->name), ['id', ...BundleDesk::LEFT_OUT, ...$table->without]);
        $new = [];
        foreach ($rows as $index => $row) {
            $where = "tables/{$table->name}.json, row ".((int) $index + 1);
            if (! is_array($row) || ! is_int($row['id'] ?? null)) {
                BundleFile::refuse("{$where}: a row needs a whole number as its id.");
            }
            $unknown = array_diff(array_keys($row), ['id', ...$columns]);
            if ($unknown !== []) {
                BundleFile::refuse("{$where}: “".mb_strimwidth((string) array_values($unknown)[0], 0, 40, '…').'” is not known here.');
            }
            $new[$row['id']] = $this->row($table, $row, $where);
        }
        $this->store($table, $new);
    }

    /**
     * @param  array<mixed>  $row
     * @return array<string, mixed>
     */
    private function row(BundleTable $table, array $row, string $where): array
    {
        $clean = [];
        foreach ($row as $column => $value) {
            if ($column === 'id') {
                continue;
            }
            if (in_array($column, $table->json, true)) {
                $clean[$column] = $value === null ? null : json_encode($value, JSON_THROW_ON_ERROR);
            } elseif (isset($table->later[$column])) {
                $clean[$column] = null;
                if (is_int($value)) {
                    $this->later[] = [
                        'table' => $table->name,
                        'id' => (int) $row['id'],
                        'column' => $column,
                        'to' => $table->later[$column],
                        'ref' => $value,
                    ];
                }
            } elseif (isset($table->refs[$column])) {
                $to = $this->ids[$table->refs[$column]] ?? [];
                // A place that the job left, or a card event before its time, points to what is not in the bundle.
                $clean[$column] = is_int($value) ? $to[$value] ?? null : null;
                if (is_int($value) && ! isset($to[$value]) && $column === array_key_first($table->refs)) {
                    BundleFile::refuse("{$where}: {$column} {$value} is not in the bundle.");
                }
            } elseif ($value !== null && ! is_scalar($value)) {
                BundleFile::refuse("{$where}: {$column} must be a text, a number or nothing.");
            } else {
                $clean[(string) $column] = is_bool($value) ? (int) $value : $value;
            }
        }

        return $clean;
    }

    /** @param  array<int, array<string, mixed>>  $rows by id in the bundle */
    private function store(BundleTable $table, array $rows): void
    {
        $hasTimes = Schema::hasColumn($table->name, 'created_at');
        foreach ($rows as $id => $row) {
            $known = NewRow::known($table->name, $row);
            if ($known !== null) {
                $this->ids[$table->name][$id] = $known;
                unset($rows[$id]);
            }
        }
        $isBig = in_array($table->name, ['frames', 'card_events', 'copy_events'], true);
        $pending = [];
        foreach ($rows as $id => $row) {
            $row =
                NewRow::made($table->name, $row, $this->ids['cards'] ?? []) +
                ($hasTimes ? ['created_at' => now(), 'updated_at' => now()] : []);
            try {
                if ($isBig) {
                    $pending[] = $row;
                } else {
                    $this->ids[$table->name][$id] = (int) DB::table($table->name)->insertGetId($row);
                }
            } catch (\Illuminate\Database\QueryException $e) {
                BundleFile::refuse(
                    "tables/{$table->name}.json, id {$id}: the row does not fit (".
                        Str::limit($e->getPrevious()?->getMessage() ?? '', 80).
                        ').',
                );
            }
        }
        foreach (array_chunk($pending, self::ROWS_A_QUERY) as $chunk) {
            try {
                DB::table($table->name)->insert($chunk);
            } catch (\Illuminate\Database\QueryException $e) {
                BundleFile::refuse(
                    "tables/{$table->name}.json: a row does not fit (".Str::limit($e->getPrevious()?->getMessage() ?? '', 80).').',
                );
            }
        }
    }

    private function settleLater(): void
    {
        foreach ($this->later as $one) {
            $to = $this->ids[$one['to']][$one['ref']] ?? null;
            if ($to !== null) {
                DB::table($one['table'])
                    ->where('id', $this->ids[$one['table']][$one['id']])
                    ->update([$one['column'] => $to]);
            }
        }
    }

    /** When the frames of each load were taken. */
    private function spans(): void
    {
        foreach (array_chunk(array_values($this->ids['cards'] ?? []), self::ROWS_A_QUERY) as $cards) {
            DB::table('loads')->insertUsing(
                ['card_id', 'fill', 'body_id', 'first_taken', 'last_taken'],
                DB::table('frames')
                    ->whereIn('card_id', $cards)
                    ->whereNotNull('taken_at')
                    ->groupBy('card_id', 'fill')
                    ->selectRaw('card_id, fill, max(body_id), min(taken_at), max(taken_at)'),
            );
        }
    }

    /** Who must not see whom until when names a segment by its id. */
    private function separations(int $job): void
    {
        $standing = json_decode((string) DB::table('jobs')->where('id', $job)->value('separations'), true);
        if (is_array($standing)) {
            $mapped = array_map(
                fn (mixed $s): mixed => is_array($s) && is_int($s['until'] ?? null)
                    ? [...$s, 'until' => $this->ids['segments'][$s['until']] ?? null]
                    : $s,
                $standing,
            );
            DB::table('jobs')
                ->where('id', $job)
                ->update(['separations' => json_encode($mapped, JSON_THROW_ON_ERROR)]);
        }
    }

    /** What cannot be opened and judged is not taken in. */
    private function openOnce(int $job): void
    {
        try {
            $opened = BriefDesk::open($job);
            JobDay::of($opened);
            $this->readiness->holes($opened);
        } catch (\Throwable $e) {
            BundleFile::refuse('It does not make a job that can be opened: '.Str::limit($e->getMessage(), 120));
        }
    }
}
