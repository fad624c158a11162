<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Models\Record;

/**
 * What a job wants sent early, as it was typed.
 *
 * @property int $id
 * @property int $job_id
 * @property string $lane  who sends
 * @property float $rate_mb_s
 * @property float $overhead_s
 * @property string|null $pictures
 * @property string|null $gaps  null or empty: the pauses of the plan
 * @property string|null $tasks  what must stand before the doors open
 * @property string|null $doors_clock  null: when the covered hours begin
 * @property int $hands  people who do it
 * @property int $spare_minutes  for trouble
 */
final class SendingRecord extends Record
{
    public $timestamps = false;

    protected $table = 'sendings';

    protected $guarded = [];

    protected $attributes = ['lane' => 'lead', 'rate_mb_s' => 1.0, 'overhead_s' => 5.0, 'pictures' => null, 'gaps' => null, 'tasks' => null,
        'doors_clock' => null, 'hands' => 1, 'spare_minutes' => 30];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['rate_mb_s' => 'float', 'overhead_s' => 'float', 'hands' => 'int', 'spare_minutes' => 'int'];
    }
}
