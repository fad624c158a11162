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
     * @param  array<string, string>  $contents  BLAKE2b-512 by path, of the payload files that were read and are what every list says of
     *     them
     */
    public function __construct(
        public bool $valid,
        public int $files,
        public array $missing,
        public array $damaged,
        public array $extra,
        public bool $unfinished = false,
        public array $contents = [],
    ) {}

    /** The first thing that is wrong with it, in words; null where it is valid. */
    public function problem(): ?string
    {
        return match (true) {
            $this->valid => null,
            $this->missing !== [] => "{$this->missing[0]} is listed and not there",
            $this->damaged !== [] => "{$this->damaged[0]} is not what its lists say",
            $this->extra !== [] => "{$this->extra[0]} is in no list of the bag",
            $this->unfinished => 'the copy is unfinished',
            default => 'there is no payload in it',
        };
    }
}
