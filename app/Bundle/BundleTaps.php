<?php

declare(strict_types=1);

namespace App\Bundle;

use App\Models\Taps\TapRecord;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Taps\TapKind;

/** What was tapped for a job, out and in: who was found, what was packed, which group was shot. */
final class BundleTaps
{
    public const FILE = 'tables/taps.json';

    private const MOST = 200_000;

    private const MOST_NAMES = 12;

    /** A note is the longest. */
    private const LONGEST = 500;

    private const ROWS_A_QUERY = 200;

    /** The table that the number under a name points to. What is under no name here means the same everywhere. */
    private const POINTS_TO = [
        'job' => 'jobs',
        'item' => 'items',
        'card' => 'cards',
        'body' => 'bodies',
        'person' => 'people',
        'group' => 'formal_groups',
        'segment' => 'segments',
        'shot' => 'shot_lines',
        'spot' => 'spots',
    ];

    /** @return list<array{id?: string, kind: string, on: array<string, int|float|string|null>, made_at: string}> in the order of their times */
    public static function rows(int $jobId): array
    {
        $rows = [];
        foreach (TapRecord::query()->where('job_id', $jobId)->orderBy('made_at')->orderBy('id')->lazy() as $record) {
            $rows[] = [
                'id' => $record->id,
                'kind' => $record->kind->value,
                'on' => $record->on,
                'made_at' => $record->made_at->format('Y-m-d H:i:s.v'),
            ];
        }

        return $rows;
    }

    /**
     * Looks at every row before anything is written. Bundles of before there were taps have none.
     *
     * @param  array<mixed>  $rows
     * @return list<array{id?: string, kind: string, on: array<string, int|float|string|null>, made_at: string}>
     *
     * @throws ValidationException naming the row
     */
    public static function right(array $rows): array
    {
        $refuse = static fn (string $why): never => throw ValidationException::withMessages(['bundle' => self::FILE.$why]);
        if (! array_is_list($rows) || count($rows) > self::MOST) {
            $refuse(array_is_list($rows) ? ': there are too many rows.' : ' must be a list of rows.');
        }
        foreach ($rows as $index => $row) {
            $where = ', row '.($index + 1).': ';
            if (! is_array($row) || array_diff(array_keys($row), ['id', 'kind', 'on', 'made_at']) !== []) {
                $refuse($where.'a tap has a kind, what it is on, and when it was made.');
            }
            if (! is_string($row['kind'] ?? null) || TapKind::tryFrom($row['kind']) === null) {
                $refuse($where.'kind must be one that is known.');
            }
            if (! is_string($row['id'] ?? '') || strlen($row['id'] ?? '') > self::LONGEST) {
                $refuse($where.'id must be a short word.');
            }
            $isSmall = static fn (mixed $v): bool => $v === null ||
                is_int($v) ||
                is_float($v) ||
                (is_string($v) && mb_strlen($v) <= self::LONGEST);
            if (
                ! is_array($row['on'] ?? null) ||
                count($row['on']) > self::MOST_NAMES ||
                array_filter($row['on'], $isSmall) !== array_filter($row['on'], static fn (): bool => true)
            ) {
                $refuse($where.'on must be a few numbers and short words by their names.');
            }
            if (BundleValue::moment()->wrong($row['made_at'] ?? null) !== null) {
                $refuse($where.'made_at '.BundleValue::moment()->wrong($row['made_at'] ?? null).'.');
            }
        }

        return $rows;
    }

    /**
     * @param  list<array{id?: string, kind: string, on: array<string, int|float|string|null>, made_at: string}>  $rows
     * @param  array<string, array<int, int>>  $ids  new ids by table and id in the bundle
     */
    public static function store(array $rows, int $jobId, array $ids): void
    {
        // Each is a new tap here; one that takes another back must find it again.
        $newIds = [];
        foreach ($rows as $row) {
            $newIds[$row['id'] ?? ''] = (string) Str::uuid();
        }
        $new = [];
        foreach ($rows as $row) {
            $on = ['job' => $jobId];
            foreach ($row['on'] as $name => $value) {
                $to = self::POINTS_TO[$name] ?? null;
                $on[$name] = match (true) {
                    $name === 'job' => $jobId,
                    $name === 'of' => $newIds[(string) $value] ?? $value,
                    $to === null => $value,
                    default => $ids[$to][(int) $value] ?? null,
                };
            }
            $new[] = [
                'id' => isset($row['id']) ? $newIds[$row['id']] : (string) Str::uuid(),
                'kind' => $row['kind'],
                'on' => json_encode($on, JSON_THROW_ON_ERROR),
                'made_at' => Carbon::parse($row['made_at'])->utc()->format('Y-m-d H:i:s.v'),
                'received_at' => now()->format('Y-m-d H:i:s.v'),
            ];
        }
        foreach (array_chunk($new, self::ROWS_A_QUERY) as $chunk) {
            DB::table('device_events')->insert($chunk);
        }
    }
}
