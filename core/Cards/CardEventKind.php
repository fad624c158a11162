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
    /** What it holds is not what was sealed, found by reading it: the seal is void. */
    case Differs = 'differs';
    /** Looked at a last time, all of it safe: it may be taken out and formatted in its camera. */
    case Released = 'released';
    /** It has no twin any more; said in writing. */
    case TwinLost = 'twin-lost';
    /** Something may have been formatted away: not to be used until somebody says in writing that it may. */
    case SetAside = 'set-aside';
    case BackInUse = 'back-in-use';
    /** Something was tapped of it that cannot be, or contradicts its log. */
    case Clashed = 'clashed';
}
