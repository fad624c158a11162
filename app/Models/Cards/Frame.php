<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Record;
use Illuminate\Database\Eloquent\Builder;

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
 * @property string|null $hash  of what it held when it was read since the seal; null where nobody did
 * @property int $seal  the last seal of the fill that saw it
 * @property int|null $taken_at
 * @property string|null $lens
 * @property float|null $shutter_s
 * @property float|null $f_number
 * @property int|null $iso
 */
final class Frame extends Record
{
    protected $guarded = [];

    public $timestamps = false;

    /**
     * Of these card loads only; a card that serves for years has many.
     *
     * @param  list<CardLoad>  $loads
     * @return Builder<Frame>
     */
    public static function ofLoads(array $loads): Builder
    {
        return self::query()->where(static function (Builder $any) use ($loads): void {
            // A condition on no column would keep the database from using its index.
            $loads === [] ? $any->whereRaw('0 = 1') : null;
            foreach ($loads as $load) {
                $any->orWhere(static fn (Builder $of) => $of->where('card_id', $load->card)->where('fill', $load->fill));
            }
        });
    }
}
