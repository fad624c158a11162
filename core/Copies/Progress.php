<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** Told how far a copy has come. */
interface Progress
{
    /**
     * @param  int  $bytesDone  read from the card, and read back from each destination
     * @param  string  $file  what is being worked on
     */
    public function at(CopyPhase $phase, int $bytesDone, int $bytesTotal, string $file): void;
}
