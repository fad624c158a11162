<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** What a look through a bag found; names below the bag. */
final readonly class BagCheck
{
    /**
     * @param  int  $files  payload files that the manifests list
     * @param  list<string>  $missing
     * @param  list<string>  $damaged
     * @param  list<string>  $extra
     */
    public function __construct(
        public bool $valid,
        public int $files,
        public array $missing,
        public array $damaged,
        public array $extra,
        public bool $unfinished = false,
    ) {}
}
