<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

/** What can happen to a card. */
enum CardEventKind: string
{
    case Bought = 'bought';
    case Loaded = 'loaded';
    case Unloaded = 'unloaded';
    case Sealed = 'sealed';
    case TwinChecked = 'twin-checked';
    case LossAccepted = 'loss-accepted';
    case Permitted = 'permitted';
    case Refused = 'refused';
    case Formatted = 'formatted';
    case Looked = 'looked';
    case Incident = 'incident';
    case Retired = 'retired';
}
