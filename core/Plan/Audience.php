<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** Who reads a sheet. */
enum Audience: string
{
    case Lead = 'lead';
    case Second = 'second';
    case Assistant = 'assistant';
    case Coordinator = 'coordinator';
    case Client = 'client';

    /** One of the crew, with a lane and its shots. */
    public function isPhotographer(): bool
    {
        return in_array($this, [self::Lead, self::Second, self::Assistant], true);
    }

    /** The question that their sheet answers. */
    public function question(): string
    {
        return match ($this) {
            self::Lead, self::Second, self::Assistant => 'Where do I stand, and when do I leave?',
            self::Coordinator => 'Who is where, and when?',
            self::Client => 'How does our day run?',
        };
    }
}
