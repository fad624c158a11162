<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Who is what to whom, as the lines of a family say, from both sides where it holds from both. */
final class Links
{
    private const BACK = ['parent' => 'child', 'child' => 'parent', 'sibling' => 'sibling', 'partner' => 'partner', 'former' => 'former'];

    /** @var array<string, array<string, list<string>>> kind, then name in lower case: names it holds for */
    private array $names = [];

    /** @param  string  $of  empty where nobody says whose */
    public function add(string $kind, string $who, string $of): void
    {
        $this->names[$kind][mb_strtolower($of)][] = $who;
        $back = self::BACK[$kind] ?? null;
        if ($of !== '' && $back !== null) {
            $this->names[$back][mb_strtolower($who)][] = $of;
        }
    }

    /** @return list<string> */
    public function of(string $kind, string $name): array
    {
        return array_values(array_unique($this->names[$kind][mb_strtolower($name)] ?? []));
    }

    /** @return list<string> whosoever they are */
    public function all(string $kind): array
    {
        return array_values(array_unique(array_merge(...array_values($this->names[$kind] ?? []) ?: [[]])));
    }
}
