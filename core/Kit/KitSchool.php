<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;

/** Ways of packing among which practitioners differ. */
enum KitSchool: string
{
    case Lightest = 'lightest';
    case Zooms = 'zooms';
    case Primes = 'primes';
    case FewLenses = 'few-lenses';
    case Abroad = 'abroad';

    /** What goes against the school counts so much heavier than it is. */
    private const AGAINST = 4.0;

    private const EACH_LENS_G = 4000;

    public function label(): string
    {
        return match ($this) {
            self::Lightest => 'The lightest that holds the plan',
            self::Zooms => 'Zooms rather than primes',
            self::Primes => 'Primes rather than zooms',
            self::FewLenses => 'As few lenses as can be',
            self::Abroad => 'Minimal, for abroad',
        };
    }

    public function says(): string
    {
        return match ($this) {
            self::Lightest => 'Least weight, with a spare for everything whose loss stops the job.',
            self::Zooms => 'A prime counts four times its weight: fewer changes, one lens for a whole segment.',
            self::Primes => 'A zoom counts four times its weight: wider stops, and feet for the framing.',
            self::FewLenses => 'Each lens counts four kilograms more: one or two that never come off.',
            self::Abroad => 'Musts only, and spares of cells and cards alone: what is missing must be bought or borrowed there, so '.
                'prepare everything else better.',
        };
    }

    public function times(Gear $gear): float
    {
        if ($gear->kind !== GearKind::Lens) {
            return 1.0;
        }

        return match ($this) {
            self::Zooms => $gear->isPrime() ? self::AGAINST : 1.0,
            self::Primes => $gear->isPrime() ? 1.0 : self::AGAINST,
            self::FewLenses => ($gear->grams() + self::EACH_LENS_G) / max(1, $gear->grams()),
            default => 1.0,
        };
    }

    public function takesSparesOf(Needs\Need $need): bool
    {
        return $this !== self::Abroad || in_array($need->what, [Needs\NeedWhat::Card, Needs\NeedWhat::Cell], true);
    }

    public function takesShoulds(): bool
    {
        return $this !== self::Abroad;
    }
}
