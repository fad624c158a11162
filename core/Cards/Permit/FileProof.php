<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/** Where one file of the card lies, and whether that is enough. */
final readonly class FileProof
{
    /**
     * @param  list<BagReading>  $on  one bag a medium
     * @param  string|null  $why  why it is not safe; null where it is
     */
    public function __construct(public CardFile $file, public array $on, public ?string $why) {}

    public function isSafe(): bool
    {
        return $this->why === null;
    }

    public function isElsewhere(): bool
    {
        return array_filter($this->on, static fn (BagReading $b): bool => $b->isElsewhere) !== [];
    }

    /** @return list<string> names of the media */
    public function media(): array
    {
        return array_map(static fn (BagReading $bag): string => $bag->medium->name, $this->on);
    }
}
