<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Record;

/**
 * How far a body's clock was ahead during a job. Append-only.
 *
 * @property int $body_id
 * @property int $offset_s
 * @property string $how
 */
final class ClockOffset extends Record
{
    protected $guarded = [];

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.v';
}
