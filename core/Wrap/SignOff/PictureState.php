<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap\SignOff;

/** How far a final picture is with the client. */
enum PictureState: string
{
    case NoPick = 'no pick yet';
    case Waiting = 'waits for an answer';
    case Refused = 'not signed off';
    case Signed = 'signed off';
}
