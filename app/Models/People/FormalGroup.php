<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Record;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A group of the formals.
 *
 * @property int $id
 * @property int $job_id
 * @property int $position
 * @property string $title
 * @property list<string> $people  names
 * @property string $priority
 * @property int|null $after_id  the group that must come before it
 * @property bool $is_pinned  keeps its place in any order
 * @property \Illuminate\Support\Carbon|null $created_at
 */
final class FormalGroup extends Record
{
    use SoftDeletes;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['people' => 'array', 'is_pinned' => 'bool'];
    }
}
