<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/** All that is known when somebody asks whether a card may be formatted. */
final readonly class PermitQuestion
{
    /**
     * @param  list<PermitFrame>  $frames
     * @param  list<string>  $changed  paths that are new, gone or different since the card was sealed
     * @param  string|null  $unreadable  why the card could not be looked at now
     * @param  bool|null  $isLookedAt  whether frames were looked at 1:1 since it was sealed; null where the rule does not ask
     * @param  list<string>|null  $elsewhere  devices that are elsewhere; null where cards need not wait for them
     */
    public function __construct(
        public int $cardId,
        public string $card,
        public bool $isSealed,
        public bool $isTwinChecked,
        public array $frames,
        public array $changed,
        public ?string $unreadable,
        public int $wantedCopies,
        public ?array $elsewhere = null,
        public ?bool $isLookedAt = null,
    ) {}
}
