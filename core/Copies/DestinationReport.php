<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** What a copy left at one destination. */
final readonly class DestinationReport
{
    /**
     * @param  int  $files  of the card's files, those that are there
     * @param  int  $reused  of those, the ones that were there before
     * @param  array<string, string>  $hashes  by path on the card, of what read back right
     * @param  list<string>  $contents  hashes of all that was read in the bag now and is what its lists say
     */
    public function __construct(
        public string $label,
        public bool $verified,
        public int $files,
        public int $reused,
        public array $hashes,
        public array $contents,
        public ?string $problem,
    ) {}
}
