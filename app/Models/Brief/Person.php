<?php

declare(strict_types=1);

namespace App\Models\Brief;

use App\Models\Record;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * Somebody who matters on the job.
 *
 * @property int $id
 * @property int $job_id
 * @property string $name
 * @property string|null $role
 * @property int $position  in the list as it is typed
 * @property bool $is_gone_for_good  whether it was said of somebody taken off that nobody in the list is them
 */
final class Person extends Record
{
    use SoftDeletes;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['is_gone_for_good' => 'boolean'];
}
