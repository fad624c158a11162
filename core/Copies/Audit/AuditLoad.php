<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Cards\Permit\Medium;

/** What was shot onto one card between two formats. */
final readonly class AuditLoad
{
    /**
     * @param  list<AuditCopy>  $copies  verified ones; the card itself is none
     * @param  bool  $isOnCard  whether the card still holds it too
     */
    public function __construct(public string $label, public int $files, public float $gb, public array $copies, public bool $isOnCard) {}

    /** As many as a permit counts: what is on one medium counts once. */
    public function devices(): int
    {
        return count(Medium::different(array_map(
            static fn (AuditCopy $c): Medium => $c->medium ?? Medium::said($c->device, [$c->device]),
            $this->copies,
        )));
    }

    /** @return list<string> */
    public function kinds(): array
    {
        return array_values(array_unique(array_map(static fn (AuditCopy $c): string => $c->kind, $this->copies)));
    }

    /** @return list<string> */
    public function routes(): array
    {
        return array_values(array_unique(array_map(static fn (AuditCopy $c): string => $c->route, $this->copies)));
    }

    public function elsewhere(): int
    {
        return count(array_filter($this->copies, static fn (AuditCopy $c): bool => $c->kept === 'elsewhere'));
    }

    /** The same with one more copy. */
    public function with(AuditCopy $copy): self
    {
        return new self($this->label, $this->files, $this->gb, [...$this->copies, $copy], $this->isOnCard);
    }
}
