<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Kit\Card;
use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A line of a card's log. Append-only.
 *
 * @property int $id
 * @property string $event_id
 * @property int $card_id
 * @property int|null $job_id
 * @property int|null $body_id
 * @property int|null $slot
 * @property string $kind
 * @property array<string, mixed>|null $data
 * @property \Illuminate\Support\Carbon $at
 */
final class CardEventRecord extends Record
{
    protected $guarded = [];

    protected $table = 'card_events';

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['data' => 'array', 'at' => 'datetime'];
    }

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return BelongsTo<Card, $this> */
    public function card(): BelongsTo
    {
        return $this->belongsTo(Card::class);
    }
}
