<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Session;

/** A file that a capture program wrote, and the routes on which its content was seen; Unix seconds. */
final readonly class SessionFile
{
    /**
     * @param  int|null  $wholeAt  null while it grows
     * @param  int|null  $automaticAt  read back on the drive of the automatic route
     * @param  int|null  $byHandAt  seen by content on the drive that a person copies to
     * @param  bool  $isGone  no longer in the folder
     */
    public function __construct(
        public string $path,
        public int $bytes,
        public int $seenAt,
        public ?int $wholeAt = null,
        public ?int $automaticAt = null,
        public ?int $byHandAt = null,
        public bool $isGone = false,
    ) {}

    public function isOnBoth(): bool
    {
        return $this->automaticAt !== null && $this->byHandAt !== null;
    }

    /** Seconds that it has lain on fewer than two drives beside the computer; null where it lies on both, or still grows. */
    public function aloneS(int $now): ?int
    {
        return $this->wholeAt === null || $this->isOnBoth() ? null : $now - $this->wholeAt;
    }
}
