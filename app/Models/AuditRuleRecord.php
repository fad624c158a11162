<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The owner's rule for copies; the last one holds.
 *
 * @property int $id
 * @property int $copies
 * @property int $kinds
 * @property int $elsewhere
 * @property int $again_after_days
 * @property bool $waits_for_elsewhere  whether a card stays until its off-site copy is verified
 * @property bool $looks_first  whether frames must be looked at 1:1 before a permit
 * @property array<string, float>|null $a_year  by cause
 */
final class AuditRuleRecord extends Model
{
    protected $guarded = [];

    protected $table = 'audit_rules';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['a_year' => 'array', 'waits_for_elsewhere' => 'bool', 'looks_first' => 'bool'];
    }
}
