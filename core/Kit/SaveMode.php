<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** What a body with two slots does with a frame. */
enum SaveMode: string
{
    case Mirror = 'mirror';
    case Overflow = 'overflow';
    case Split = 'split';

    public function meaning(): string
    {
        return match ($this) {
            self::Mirror => 'the same files on both cards',
            self::Overflow => 'the second card starts when the first is full',
            self::Split => 'raw on one card, jpeg on the other',
        };
    }
}
