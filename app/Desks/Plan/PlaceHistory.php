<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * What is known of the places of a job, its ways and spots and what stands around them, as it was. Places belong to many jobs: of them
 * only those rows go back that a change has changed.
 */
final class PlaceHistory
{
    /** Of these what came since goes again; spots and places stay, for a segment may be there. */
    private const GO_AGAIN = ['obstacles', 'travels', 'grounds'];

    private const TABLES = ['places', 'spots', ...self::GO_AGAIN];

    private const LEFT_OUT = ['created_at', 'updated_at'];

    /** @return array<string, list<array<string, mixed>>> rows by table */
    public static function now(int $jobId): array
    {
        $places = DB::table('segments')->where('job_id', $jobId)->whereNotNull('place_id')->distinct()->pluck('place_id');
        $places->push(DB::table('jobs')->where('id', $jobId)->value('place_id'));
        $spots = DB::table('spots')->whereIn('place_id', $places)->pluck('id');
        $of = static fn (string $table): Builder => match ($table) {
            'places' => DB::table($table)->whereIn('id', $places),
            'obstacles' => DB::table($table)->whereIn('spot_id', $spots),
            'travels' => DB::table($table)->whereIn('from_place_id', $places)->whereIn('to_place_id', $places),
            default => DB::table($table)->whereIn('place_id', $places),
        };
        $rows = [];
        foreach (self::TABLES as $table) {
            $rows[$table] = array_values(
                $of($table)->orderBy('id')->get()->map(
                    static fn (\stdClass $row): array => array_diff_key((array) $row, array_flip(self::LEFT_OUT)),
                )->all(),
            );
        }

        return $rows;
    }

    /**
     * @param  array<string, list<array<string, mixed>>>  $before  a change
     * @param  array<string, list<array<string, mixed>>>  $after  it
     */
    public static function backTo(array $before, array $after): void
    {
        foreach (self::TABLES as $table) {
            $was = array_column($before[$table] ?? [], null, 'id');
            $is = array_column($after[$table] ?? [], null, 'id');
            foreach ($was as $id => $row) {
                if (($is[$id] ?? null) !== $row) {
                    DB::table($table)->updateOrInsert(['id' => $id], $row);
                }
            }
            if (in_array($table, self::GO_AGAIN, true) && isset($before[$table])) {
                DB::table($table)->whereIn('id', array_keys(array_diff_key($is, $was)))->delete();
            }
        }
    }
}
