<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

/** What a zone of an event gives: somebody is always on the reaction, not only on the action. */
enum ZoneRole: string
{
    case Main = 'main';
    case Reaction = 'reaction';
    case Bench = 'bench';
    case Crowd = 'crowd';
    case Detail = 'detail';
}
