<?php

declare(strict_types=1);

namespace App\Models\Copies;

use App\Models\Record;

/**
 * A file of a session folder, and where its content was seen; Unix seconds.
 *
 * @property int $id
 * @property int $session_folder_id
 * @property string $path
 * @property int $bytes
 * @property int $modified_at
 * @property string|null $hash
 * @property int $seen_at
 * @property int|null $whole_at
 * @property int|null $taken_at  as the picture says
 * @property int|null $automatic_at
 * @property int|null $by_hand_at
 * @property bool $is_gone
 */
final class SessionFileRow extends Record
{
    public $timestamps = false;

    protected $table = 'session_files';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_gone' => 'bool'];
    }
}
