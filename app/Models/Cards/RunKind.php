<?php

declare(strict_types=1);

namespace App\Models\Cards;

/** What long work does with cards and their copies. */
enum RunKind: string
{
    case Twin = 'twin';
    case Copy = 'copy';
    case Verify = 'verify';
    case Adopt = 'adopt';
    case Repair = 'repair';
    case Heal = 'heal';
    case Permit = 'permit';

    public function title(): string
    {
        return match ($this) {
            self::Twin => 'Twin check',
            self::Copy => 'Copy and read back',
            self::Verify => 'Verification',
            self::Adopt => 'A copy made otherwise',
            self::Repair => 'Repair from another copy',
            self::Heal => 'A healed set of both cards',
            self::Permit => 'Reading for the permit',
        };
    }

    public function wantsDestinations(): bool
    {
        return $this !== self::Twin && $this !== self::Permit;
    }
}
