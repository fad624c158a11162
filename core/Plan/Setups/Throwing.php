<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** Who does what when something is thrown, poured or dropped. */
final readonly class Throwing
{
    public function __construct(public ?string $throws = null, public ?string $catches = null, public ?string $keepsDry = null) {}

    /** @return list<string> */
    public function people(): array
    {
        return array_values(array_filter([$this->throws, $this->catches, $this->keepsDry], static fn (?string $who): bool => $who !== null));
    }

    /** @return list<string> what nobody does */
    public function open(bool $isWet): array
    {
        return array_values(array_filter([
            $this->throws === null ? 'throws' : '',
            $this->catches === null ? 'catches' : '',
            $isWet && $this->keepsDry === null ? 'holds the water away from mains and packs' : '',
        ]));
    }
}
