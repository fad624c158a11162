<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/** The light that a segment is planned for. */
enum LightWanted: string
{
    case Any = 'any';
    case OpenShade = 'open shade';
    case Golden = 'golden';
    case BeforeSunset = 'before sunset';
    case Dark = 'dark';
}
