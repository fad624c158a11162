<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Models\Cards\Frame;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The files of each fill of a card, as they were sealed, and what each holds once somebody has read it. */
final class FrameIndex
{
    private const ROWS_A_QUERY = 400;

    /**
     * Writes down the inventory of a sealed card. What a file held before this seal is forgotten until somebody reads it.
     *
     * @param  list<array<string, mixed>>  $rows
     */
    public function index(int $cardId, int $fill, int $seal, array $rows): void
    {
        DB::transaction(static function () use ($cardId, $fill, $seal, $rows): void {
            $known = Frame::query()->where('card_id', $cardId)->where('fill', $fill)->pluck('id', 'path');
            $new = [];
            foreach ($rows as $row) {
                if ($known->has($row['path'])) {
                    Frame::query()
                        ->whereKey($known[$row['path']])
                        ->update([...$row, 'seal' => $seal, 'hash' => null]);
                } else {
                    $new[] = [...$row, 'seal' => $seal];
                }
            }
            foreach (array_chunk($new, self::ROWS_A_QUERY) as $chunk) {
                Frame::query()->insert($chunk);
            }
            self::span($cardId, $fill, $rows);
        });
    }

    /** @param  list<array<string, mixed>>  $rows */
    private static function span(int $cardId, int $fill, array $rows): void
    {
        $taken = array_values(array_filter(array_column($rows, 'taken_at'), is_int(...)));
        if ($taken !== []) {
            DB::table('loads')->upsert(
                [
                    [
                        'card_id' => $cardId,
                        'fill' => $fill,
                        'body_id' => $rows[0]['body_id'] ?? null,
                        'first_taken' => min($taken),
                        'last_taken' => max($taken),
                    ],
                ],
                ['card_id', 'fill'],
            );
        }
    }

    /** @return Collection<int, Frame> all files of a fill, those of earlier seals too; of one seal where it is named */
    public function framesOn(int $cardId, int $fill, ?int $seal = null): Collection
    {
        $query = Frame::query()->where('card_id', $cardId)->where('fill', $fill);

        return ($seal === null ? $query : $query->where('seal', $seal))->orderBy('path')->get()->values();
    }

    /**
     * What files of the card hold, as they were read.
     *
     * @param  array<string, string>  $hashes  by path on the card
     * @return list<string> paths that hold something else than was read since the seal
     */
    public function learn(int $cardId, int $fill, int $seal, array $hashes): array
    {
        $differing = [];
        DB::transaction(static function () use ($cardId, $fill, $seal, $hashes, &$differing): void {
            foreach (
                Frame::query()
                    ->where('card_id', $cardId)
                    ->where('fill', $fill)
                    ->where('seal', $seal)
                    ->get(['id', 'path', 'hash']) as $frame
            ) {
                $read = $hashes[$frame->path] ?? null;
                if ($read !== null && $frame->hash === null) {
                    $frame->update(['hash' => $read]);
                } elseif ($read !== null && $frame->hash !== $read) {
                    $differing[] = $frame->path;
                }
            }
        });

        return $differing;
    }
}
