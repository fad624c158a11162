<?php

declare(strict_types=1);

namespace App\Models\Wrap;

use App\Models\Record;

/**
 * The codes that were read in a file of a session folder, as it was then.
 *
 * @property int $session_file_id
 * @property string $content  its hash
 * @property list<string>|null $codes  null where there is no picture to look through
 */
final class SessionReading extends Record
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'session_file_id';

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['codes' => 'array'];
    }
}
