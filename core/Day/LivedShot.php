<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** A line of the shot list, or a group of the family, with when it was ticked. */
final readonly class LivedShot
{
    /**
     * @param  float|null  $tickedAt  Unix seconds; null where nobody did
     * @param  int|null  $wanted  frames that it takes, such as a group that blinks; null where nobody has said
     */
    public function __construct(
        public int $id,
        public string $what,
        public bool $isMust,
        public ?float $tickedAt,
        public ?int $wanted = null,
        public bool $isGroup = false,
    ) {}

    /** Ids of lines and of groups are counted apart. */
    public function key(): string
    {
        return ($this->isGroup ? 'group ' : 'shot ').$this->id;
    }
}
