<?php

declare(strict_types=1);

namespace App\Models\Cards;

use App\Models\Record;

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
 * @property int $permit_copies  different media that must hold each file before its card may be formatted
 * @property int $more_without_twin  so many more where a card has no twin
 * @property int $away_days  so long a copy counts whose drive is not here, from its last reading on
 * @property string $reads_again  what is read again when a permit is asked for: minute (all where it takes under a minute), all, tenth
 * @property array<string, float>|null $a_year  by cause
 */
final class AuditRuleRecord extends Record
{
    protected $guarded = [];

    protected $table = 'audit_rules';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['a_year' => 'array', 'waits_for_elsewhere' => 'bool', 'looks_first' => 'bool'];
    }
}
