<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Names as they are typed for a group: "Jonas, Kaj and Ida", "The rowers: Jonas & Kaj", "the couple with Joan". */
final readonly class TypedNames
{
    private const BETWEEN = '/[,;\n]|\s+(?:and|og|och|und|with|plus)\s+|\s*[&+]\s*/iu';

    /** The two, without their names. */
    private const COUPLE = '/^(?:(?:with )?(?:the )?(?:happy )?couple|the two(?: of us)?|both of us|us)$/iu';

    /** @param  list<string>  $names  as they were typed, the couple by their names */
    private function __construct(public string $title, public array $names) {}

    /**
     * @param  list<string>  $couple  names of the two
     * @param  bool  $isTitled  what stands before a colon or a dash is the name of the group
     */
    public static function of(string $typed, array $couple, bool $isTitled = false): self
    {
        $title = '';
        if ($isTitled && preg_match('/^([^:]{2,}?)(?:\s*:\s*|\s+[-–—]\s+)(.+)$/su', trim($typed), $found) === 1) {
            [, $title, $typed] = $found;
        }
        $names = [];
        foreach (preg_split(self::BETWEEN, $typed) ?: [] as $name) {
            $name = trim($name);
            $names = [...$names, ...preg_match(self::COUPLE, $name) === 1 && $couple !== [] ? $couple : [$name]];
        }

        return new self(trim($title), array_values(array_unique(array_filter($names, static fn (string $n): bool => $n !== ''))));
    }
}
