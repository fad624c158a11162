<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

/** One thing that can go wrong and takes several copies at once. */
final readonly class Blow
{
    /**
     * @param  string  $name  in a sentence: "the bag is stolen"
     * @param  float  $aYear  how often it is expected in a year
     * @param  \Closure(AuditCopy): bool  $takes  which copies
     * @param  bool  $takesCards  and the cards that are with the photographer
     */
    public function __construct(public string $name, public float $aYear, private \Closure $takes, public bool $takesCards = false) {}

    public function takes(AuditCopy $copy): bool
    {
        return ($this->takes)($copy);
    }
}
