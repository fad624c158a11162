<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Record;

/**
 * Something that is asked of the kit by hand.
 *
 * @property int $id
 * @property int $job_id
 * @property int|null $segment_id
 * @property string $what
 * @property int $count
 * @property string $priority
 * @property string|null $note
 * @property float|null $distance_m
 * @property float|null $f_number
 * @property int $iso
 * @property float $stops_lost
 * @property float $hours
 * @property array<string, float>|null $mounted  of a camera that stands alone: how, by the fields of its page
 */
final class KitAsk extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['distance_m' => 'float', 'f_number' => 'float', 'stops_lost' => 'float', 'hours' => 'float', 'mounted' => 'array'];
    }
}
