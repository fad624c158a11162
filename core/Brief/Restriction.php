<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** Something that a venue does not allow, and where. */
final readonly class Restriction
{
    /**
     * @param  string|null  $where  words of a place or a scene; null: everywhere
     * @param  string|null  $during  words of what happens there; null: all that does
     * @param  float|null  $fromM  from what is photographed, where the words tell it
     * @param  SaidHours|null  $hours  in which it holds; null: always
     */
    public function __construct(
        public RestrictionKind $kind,
        public ?string $where,
        public string $text,
        public ?string $during = null,
        public ?float $fromM = null,
        public ?SaidHours $hours = null,
    ) {}
}
