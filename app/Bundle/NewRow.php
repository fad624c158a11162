<?php

declare(strict_types=1);

namespace App\Bundle;

use App\Models\Copies\Destination;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** What becomes of a row of a bundle here: the same as one that is on the shelf, or a new one, made harmless. */
final class NewRow
{
    /**
     * What is here already: a thing of the shelf by kind and name, as long as it has no log of its own.
     *
     * @param  array<string, mixed>  $row
     */
    public static function known(string $table, array $row): ?int
    {
        if ($table === 'items' && ! in_array($row['kind'] ?? null, ['card', 'body'], true)) {
            $id = DB::table('items')->where('kind', $row['kind'] ?? '')->where('label', $row['label'] ?? '')->value('id');

            return is_numeric($id) ? (int) $id : null;
        }

        return null;
    }

    /**
     * What is filled in here: no name twice, no folder from elsewhere, log lines under new ids.
     *
     * @param  array<string, mixed>  $row
     * @param  array<int, int>  $cards  new ids of cards by the bundle's
     * @return array<string, mixed>
     */
    public static function made(string $table, array $row, array $cards): array
    {
        if ($table === 'items' && DB::table('items')->where('label', $row['label'] ?? '')->exists()) {
            $row['label'] = self::free('items', 'label', (string) ($row['label'] ?? ''));
        }
        if ($table === 'bodies' && DB::table('bodies')->where('serial', $row['serial'] ?? '')->exists()) {
            $row['serial'] = self::free('bodies', 'serial', (string) ($row['serial'] ?? ''));
        }
        if ($table === 'destinations') {
            $row['name'] = self::free('destinations', 'name', (string) ($row['name'] ?? ''));
            $row['folder'] = 'not here: '.Str::uuid();
            $row['route'] = Destination::TOLD;
        }
        if ($table === 'copy_events') {
            $data = json_decode((string) ($row['data'] ?? '{}'), true);
            $row['data'] = json_encode(['told' => true] + (is_array($data) ? $data : []), JSON_THROW_ON_ERROR);
        }
        if ($table === 'card_events') {
            $row['event_id'] = (string) Str::uuid();
            $data = json_decode((string) ($row['data'] ?? '{}'), true);
            if (is_array($data) && is_int($data['twin'] ?? null)) {
                $data['twin'] = $cards[$data['twin']] ?? 0;
            }
            $row['data'] = json_encode((object) (is_array($data) ? $data : []), JSON_THROW_ON_ERROR);
        }

        return $row;
    }

    private static function free(string $table, string $column, string $name): string
    {
        for ($n = 1, $try = $name; DB::table($table)->where($column, $try)->exists(); $n++) {
            $try = "{$name}, brought in".($n > 1 ? " {$n}" : '');
        }

        return $try;
    }
}
