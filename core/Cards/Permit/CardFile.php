<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Permit;

/** One thing on the card, whatever its kind. */
final readonly class CardFile
{
    /**
     * @param  string|null  $content  hash of what it holds; null where nobody read it
     * @param  string|null  $healing  hash of the twin's intact file, where this one is damaged and that one heals it
     * @param  string|null  $whyNot  why it cannot be proved at all: no plain file, or it cannot be read
     */
    public function __construct(
        public string $name,
        public ?string $content,
        public ?string $healing = null,
        public bool $isGivenUp = false,
        public ?string $whyNot = null,
    ) {}

    /** What must lie elsewhere before the card may go: the twin's file where that heals it, else its own. */
    public function wanted(): ?string
    {
        return $this->healing ?? $this->content;
    }
}
