<?php

declare(strict_types=1);

namespace App\Models\Copies;

use App\Models\Record;

/**
 * A line of the log of copies. Append-only.
 *
 * @property int $id
 * @property int $card_id
 * @property int $fill
 * @property int $destination_id
 * @property CopyState $kind
 * @property string $bag
 * @property string $device
 * @property array<string, mixed>|null $data
 * @property \Illuminate\Support\Carbon $at
 */
final class CopyEvent extends Record
{
    /** Stands for the bag of what others wrote. */
    public const NO_BAG = '(adopted)';

    protected $guarded = [];

    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => CopyState::class, 'data' => 'array', 'at' => 'datetime'];
    }

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
