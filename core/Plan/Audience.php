<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** Who reads a sheet. */
enum Audience: string
{
    case Lead = 'lead';
    case Second = 'second';
    case Coordinator = 'coordinator';
    case Client = 'client';

    public function isPhotographer(): bool
    {
        return $this === self::Lead || $this === self::Second;
    }

    /** The question that their sheet answers. */
    public function question(): string
    {
        return match ($this) {
            self::Lead, self::Second => 'Where do I stand, and when do I leave?',
            self::Coordinator => 'Who is where, and when?',
            self::Client => 'How does our day run?',
        };
    }
}
