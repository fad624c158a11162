<?php

declare(strict_types=1);

namespace App\Models\People;

use App\Models\Record;

/**
 * A link for somebody without an account.
 *
 * @property int $id
 * @property int $job_id
 * @property string $kind
 * @property string $digest  SHA-256 of the token
 * @property \Illuminate\Support\Carbon $expires_at
 * @property \Illuminate\Support\Carbon|null $revoked_at
 */
final class ShareLink extends Record
{
    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['expires_at' => 'datetime', 'revoked_at' => 'datetime'];
    }
}
