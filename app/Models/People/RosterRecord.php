<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Record;

/**
 * Who may be in the pictures of a job, and what they say, as it was typed.
 *
 * @property int $id
 * @property int $job_id
 * @property string|null $players
 * @property string|null $line_up
 * @property string|null $codes
 * @property string|null $no_consent  who is not to be named
 * @property string|null $captions
 */
final class RosterRecord extends Record
{
    public $timestamps = false;

    protected $table = 'rosters';

    protected $guarded = [];

    protected $attributes = ['players' => null, 'line_up' => null, 'codes' => null, 'captions' => null,
        'no_consent' => null];
}
