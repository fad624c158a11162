<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A file of a sealed card, as it was when the card was sealed.
 *
 * @property int $id
 * @property int $card_id
 * @property int $fill
 * @property int|null $body_id
 * @property string $path
 * @property string|null $kind
 * @property int $bytes
 * @property int $modified_at
 * @property string|null $hash
 * @property int|null $taken_at
 * @property string|null $lens
 * @property float|null $shutter_s
 * @property float|null $f_number
 * @property int|null $iso
 */
final class Frame extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return HasMany<Copy, $this> */
    public function copies(): HasMany
    {
        return $this->hasMany(Copy::class);
    }
}
