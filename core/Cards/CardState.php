<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

/** Where a card stands in its life. */
enum CardState: string
{
    case Ready = 'ready';
    case InBody = 'in body';
    case Shot = 'shot';
    case Permitted = 'may be formatted';
    case Aside = 'out of use';
    case Retired = 'retired';

    /** Ready cards lie face up, the others face down, as photographers do with real ones. */
    public function isFaceUp(): bool
    {
        return $this === self::Ready || $this === self::InBody;
    }
}
