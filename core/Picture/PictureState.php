<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/** What can be said of one picture file by looking at it alone. */
enum PictureState
{
    /** A digest that it carries matches its picture data. */
    case Proved;

    /** Its structure is whole, and it decodes where that can be tried. */
    case Intact;

    /** Nothing speaks against it, but its format cannot be checked. */
    case Unknown;

    case Damaged;
}
