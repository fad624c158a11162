<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/** A picture on its way to the editor. */
final readonly class QueuedPicture
{
    /**
     * @param  int|null  $dueAt  Unix seconds; null where nobody said
     * @param  int|null  $sentAt  once it was read back there
     * @param  string|null  $why  it did not arrive at the last try
     */
    public function __construct(
        public int $id,
        public string $name,
        public ?int $dueAt = null,
        public ?int $sentAt = null,
        public ?string $why = null,
        public string $due = '',
        /** The desk that it went to; null where nobody noted it. */
        public ?string $sentTo = null,
    ) {}

    /** When it was there, as a clock says it; empty while it waits. */
    public function sentFace(\DateTimeZone $zone): string
    {
        return $this->sentAt === null ? '' : (new \DateTimeImmutable("@{$this->sentAt}"))->setTimezone($zone)->format('H:i:s');
    }

    public function isWaiting(): bool
    {
        return $this->sentAt === null;
    }

    /** Whether it was not there when it was due. */
    public function isLate(int $now): bool
    {
        return $this->dueAt !== null && ($this->sentAt ?? $now) > $this->dueAt;
    }
}
