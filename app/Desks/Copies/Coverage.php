<?php

declare(strict_types=1);

namespace App\Desks\Copies;

/** How far the files of a load lie in the bags that were read. */
final readonly class Coverage
{
    /**
     * @param  int  $files  by the last seal
     * @param  array<int, int>  $found  how many of them a reading found, by its event
     * @param  int  $least  on how many different media the file lies that lies on the fewest
     */
    public function __construct(public int $files, public array $found, public int $least) {}

    public function isWholeIn(int $eventId): bool
    {
        return $this->files > 0 && ($this->found[$eventId] ?? 0) === $this->files;
    }
}
