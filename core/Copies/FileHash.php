<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** What is known of a file's content: the hash that lists hold, the quick one that a run goes by, or both. */
final readonly class FileHash
{
    public function __construct(public ?string $digest = null, public ?string $quick = null) {}

    /** Of a line of a journal; the two are told apart by their length (512 and 128 bits). */
    public static function fromLine(string $hash): self
    {
        return strlen($hash) === Digest::QUICK_LENGTH ? new self(quick: $hash) : new self(digest: $hash);
    }

    /** Whether both are of the same content; false as well where they have no hash in common. */
    public function isSameAs(self $other): bool
    {
        if ($this->digest !== null && $other->digest !== null) {
            return $this->digest === $other->digest;
        }

        return $this->quick !== null && $this->quick === $other->quick;
    }

    /** The shorter one, for a journal. */
    public function line(): string
    {
        return $this->quick ?? (string) $this->digest;
    }
}
