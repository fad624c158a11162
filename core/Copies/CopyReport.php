<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** What a copy did. */
final readonly class CopyReport
{
    /**
     * @param  int  $files  read whole from the card
     * @param  list<DestinationReport>  $destinations
     * @param  list<Skipped>  $skipped
     * @param  bool  $fromMedium  whether the system could be told to forget its cache before the read-back
     */
    public function __construct(
        public int $files,
        public int $bytes,
        public array $destinations,
        public array $skipped,
        public bool $fromMedium,
    ) {}

    /** Every destination whole, and nothing left behind but what the caller allows. */
    public function isWhole(bool $allowSkips = false): bool
    {
        foreach ($this->destinations as $destination) {
            if (! $destination->verified) {
                return false;
            }
        }
        foreach ($this->skipped as $skipped) {
            if (! $allowSkips || ! $skipped->harmless) {
                return false;
            }
        }

        return true;
    }
}
