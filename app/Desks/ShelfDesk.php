<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\Body;
use App\Models\Card;
use App\Models\Item;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The shelf: everything the owner has. */
final class ShelfDesk
{
    /** @return Collection<string, Collection<int, Item>> */
    public function byKind(): Collection
    {
        return Item::query()->with('card')->orderBy('label')->get()->groupBy('kind');
    }

    /** @param  array<string, mixed>  $fields as validated by ItemRequest */
    public function add(array $fields): Item
    {
        return DB::transaction(static function () use ($fields): Item {
            $of = static fn (string ...$names): array => array_intersect_key($fields, array_flip($names));
            $item = Item::query()->create($of('kind', 'label', 'description', 'focal_min_mm', 'focal_max_mm', 'cell_type'));
            if ($item->kind === 'body') {
                Body::query()->create(['item_id' => $item->id, ...$of('serial', 'raw_mb', 'jpeg_mb', 'frames_per_charge', 'standby_hours_per_charge')]);
            }
            if ($item->kind === 'card') {
                Card::query()->create(['item_id' => $item->id, ...$of('capacity_gb')]);
            }

            return $item;
        });
    }
}
