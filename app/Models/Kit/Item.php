<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;
use Illuminate\Database\Eloquent\Relations\HasOne;
use NorthSatchel\Kit\Shelf\Ownership;

/**
 * A thing on the shelf.
 *
 * @property int $id
 * @property string $kind
 * @property string $label
 * @property string|null $description
 * @property int|null $focal_min_mm
 * @property int|null $focal_max_mm
 * @property string|null $cell_type
 * @property array<string, int|float|string|bool>|null $specs  by the names of the kind's fields
 * @property int|null $weight_g
 * @property int|null $lead_days
 * @property Ownership $ownership
 * @property string|null $from_whom
 * @property string|null $due_on
 * @property string|null $bought_on
 * @property string|null $returned_on  given back: no longer on the shelf
 * @property-read Body|null $body
 * @property-read Card|null $card
 */
final class Item extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['specs' => 'array', 'ownership' => Ownership::class];
    }

    /** @return HasOne<Body, $this> */
    public function body(): HasOne
    {
        return $this->hasOne(Body::class);
    }

    /** @return HasOne<Card, $this> */
    public function card(): HasOne
    {
        return $this->hasOne(Card::class);
    }
}
