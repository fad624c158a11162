<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** Keeps a folder for one who writes; the system takes it back when the process ends, however it ends. */
interface Lock
{
    public function release(): void;
}
