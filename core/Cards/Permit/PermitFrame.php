<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

use NorthSatchel\Cards\Twin\Side;

/** A frame file on the card in question. */
final readonly class PermitFrame
{
    /**
     * @param  list<string>  $devices  that hold this content, verified
     * @param  list<string>|null  $twinDevices  that hold the intact file of its twin card, verified; null when the twin has none
     */
    public function __construct(
        public string $path,
        public Side $state,
        public array $devices,
        public ?array $twinDevices,
        public bool $isLossAccepted,
    ) {}

    /** How many different devices hold an intact file of this frame. */
    public function safeOn(): int
    {
        return count($this->safeDevices());
    }

    /** @return list<string> */
    public function safeDevices(): array
    {
        $own = $this->state === Side::Intact ? $this->devices : [];

        return array_values(array_unique([...$own, ...($this->twinDevices ?? [])]));
    }

    public function isHealed(): bool
    {
        return $this->state !== Side::Intact && $this->twinDevices !== null;
    }
}
