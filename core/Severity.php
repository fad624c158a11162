<?php

declare(strict_types=1);

namespace NorthSatchel;

/** How much a finding matters, worst first. */
enum Severity: string
{
    case Stop = 'stop';
    case Fix = 'fix';
    case Mind = 'mind';
    case Fine = 'fine';

    /** 0 is worst. */
    public function rank(): int
    {
        return match ($this) {
            self::Stop => 0,
            self::Fix => 1,
            self::Mind => 2,
            self::Fine => 3,
        };
    }

    /** What it asks of the photographer. */
    public function meaning(): string
    {
        return match ($this) {
            self::Stop => 'do not go on',
            self::Fix => 'mend before the day',
            self::Mind => 'know it',
            self::Fine => 'in order',
        };
    }

    /** Open findings are counted in the strap. */
    public function isOpen(): bool
    {
        return $this === self::Stop || $this === self::Fix;
    }
}
