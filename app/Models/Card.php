<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A memory card; its life is in its events.
 *
 * @property int $id
 * @property int $item_id
 * @property float $capacity_gb
 * @property string|null $folder
 * @property string|null $last_event  the id of the last line of its log when this was read
 * @property-read Item $item
 */
final class Card extends Model
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['capacity_gb' => 'float'];
    }

    /** Its log is kept folded up until it grows: whoever reads a card learns its last line, whose id no other line has. */
    protected static function booted(): void
    {
        self::addGlobalScope('log', static function (Builder $query): void {
            $query->addSelect(['last_event' => CardEventRecord::query()->select('event_id')->whereColumn('card_events.card_id', 'cards.id')->orderByDesc('card_events.id')->limit(1)])->addSelect('cards.*');
        });
    }

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }

    /** @return HasMany<CardEventRecord, $this> */
    public function events(): HasMany
    {
        return $this->hasMany(CardEventRecord::class);
    }
}
