<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasOne;

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
 * @property-read Body|null $body
 * @property-read Card|null $card
 */
final class Item extends Model
{
    protected $guarded = [];

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
