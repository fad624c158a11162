<?php

declare(strict_types=1);

namespace App\Models\Wrap;

use App\Models\Record;

/**
 * Where the pictures of a job go while it still goes on.
 *
 * @property int $id
 * @property int $job_id
 * @property string $kind  folder or sftp
 * @property string $path
 * @property string|null $host
 * @property int|null $port
 * @property string|null $user
 * @property string|null $secret  a password, kept encrypted
 * @property string|null $fingerprint  of the server's key, as it was when it was first met
 * @property string|null $creator
 * @property string|null $copyright
 * @property float|null $rate_mb_s  as last measured
 */
final class EditorsDeskRecord extends Record
{
    public const KINDS = ['folder', 'sftp'];

    public $timestamps = false;

    protected $table = 'editors_desks';

    protected $guarded = [];

    protected $hidden = ['secret'];

    protected $attributes = [
        'kind' => 'folder', 'path' => '', 'host' => null, 'port' => null, 'user' => null, 'secret' => null, 'fingerprint' => null,
        'creator' => null, 'copyright' => null, 'rate_mb_s' => null,
    ];

    /** Where it is, as one says it; without what opens it. */
    public function address(): string
    {
        return $this->kind === 'sftp' ? "{$this->user}@{$this->host}:{$this->path}" : $this->path;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['secret' => 'encrypted', 'port' => 'int', 'rate_mb_s' => 'float'];
    }
}
