<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Time\Priority;

/** A part of a final picture, as it is wanted: how often, under which light, by whom. */
final readonly class WantedElement
{
    /** What one takes where nobody says (common practice, no source): six of them come to the hour that a composite takes. */
    public const USUAL_MINUTES = 10;

    /**
     * @param  int  $id  follows from the picture's and its own name: typed again it is the same
     * @param  string|null  $setup  null where none stands above it
     * @param  int  $wanted  alternatives
     * @param  list<int>  $after  ids of those that come before it
     * @param  list<string>  $people  who must be there
     * @param  Throwing|null  $throwing  of what is dropped, poured or thrown: tries count
     */
    public function __construct(
        public int $id,
        public string $picture,
        public ?string $setup,
        public string $name,
        public int $wanted = 1,
        public int $minutes = self::USUAL_MINUTES,
        public array $after = [],
        public array $people = [],
        public ?Throwing $throwing = null,
        public Priority $priority = Priority::Must,
    ) {}

    public static function number(string $picture, string $name): int
    {
        return (int) hexdec(substr(hash('xxh32', mb_strtolower($picture)."\n".mb_strtolower($name)), 0, 7));
    }

    /** The number of a setup, by its name: typed again it is the same. */
    public static function numberOfSetup(string $setup): int
    {
        return self::number('', $setup);
    }

    public function title(): string
    {
        return "{$this->name} ({$this->picture})";
    }
}
