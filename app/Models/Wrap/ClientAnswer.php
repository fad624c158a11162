<?php

declare(strict_types=1);

namespace App\Models\Wrap;

use App\Models\Record;

/**
 * What the client said of a pick, through a link.
 *
 * @property int $id
 * @property int $job_id
 * @property int $pick_id
 * @property int|null $share_link_id
 * @property bool|null $is_yes  null of a mark alone
 * @property string $words
 * @property string $name
 * @property float|null $mark_x
 * @property float|null $mark_y
 * @property int $at  Unix seconds
 */
final class ClientAnswer extends Record
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_yes' => 'bool', 'mark_x' => 'float', 'mark_y' => 'float'];
    }
}
