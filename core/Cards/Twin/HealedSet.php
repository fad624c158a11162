<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

use NorthSatchel\Volume\EntryKind;
use NorthSatchel\Volume\ForReading;
use NorthSatchel\Volume\ReadableFile;
use NorthSatchel\Volume\UnableToRead;
use NorthSatchel\Volume\Volume;

/**
 * The two cards of one body as one whole card: of each file the side that is intact, of what is on one card only
 * that one. What is whole on neither, or in doubt on both, is left out by name. For reading only.
 */
final readonly class HealedSet implements Volume
{
    use ForReading;

    /** @var array<string, bool> by path, whether it comes from the first card */
    private array $fromA;

    /** @var list<string> paths that no side gives */
    public array $leftOut;

    public function __construct(private Volume $a, private Volume $b, TwinReport $report)
    {
        $from = $leftOut = [];
        foreach ($report->files as $file) {
            $side = match (true) {
                $file->isIdentical => $file->a !== Side::Damaged ? true : null,
                $file->a === Side::Intact => true,
                $file->b === Side::Intact => false,
                // Where one card has nothing, what the other has in doubt is better than nothing.
                $file->a === null && $file->b === Side::Unknown => false,
                $file->b === null && $file->a === Side::Unknown => true,
                default => null,
            };
            if ($side === null) {
                $leftOut[] = $file->path;
            } else {
                $from[$file->path] = $side;
            }
        }
        $this->fromA = $from;
        $this->leftOut = $leftOut;
    }

    /** @return array{int, int} how many files come from the first card, and from the second */
    public function counts(): array
    {
        $a = count(array_filter($this->fromA));

        return [$a, count($this->fromA) - $a];
    }

    public function entries(string $below = ''): iterable
    {
        $entries = [];
        foreach ([[$this->a, true], [$this->b, false]] as [$card, $isA]) {
            foreach ($card->entries($below) as $entry) {
                if ($entry->kind === EntryKind::File && ($this->fromA[$entry->path] ?? null) === $isA) {
                    $entries[$entry->path] = $entry;
                }
            }
        }
        ksort($entries, SORT_STRING);
        yield from array_values($entries);
    }

    public function kindOf(string $path): ?EntryKind
    {
        return $this->card($path)?->kindOf($path);
    }

    public function open(string $path): ReadableFile
    {
        return $this->card($path)?->open($path) ?? throw UnableToRead::fromPath($path, 'it is whole on neither card');
    }

    public function contents(string $path): string
    {
        return $this->card($path)?->contents($path) ?? throw UnableToRead::fromPath($path, 'it is whole on neither card');
    }

    public function forgetCached(string $path): bool
    {
        return $this->card($path)?->forgetCached($path) ?? false;
    }

    private function card(string $path): ?Volume
    {
        return isset($this->fromA[$path]) ? ($this->fromA[$path] ? $this->a : $this->b) : null;
    }
}
