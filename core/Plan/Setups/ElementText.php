<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/**
 * Final pictures, the setups below each, and the elements below those, as an indented list. What stands right below a picture and has
 * nothing below it is an element without a setup. Pictures that name one setup share it.
 */
final class ElementText
{
    private const MOST_LINES = 200;

    /** @var list<string> */
    private array $pictures = [];

    /** @var array<string, string> by how it is written small: the setup as it was written first */
    private array $setups = [];

    /** @var array<int, TypedLine> by id of the element */
    private array $lines = [];

    /** @var array<int, ElementParts> by id */
    private array $parts = [];

    /** @var array<int, array{string, string|null}> by id: its picture and its setup */
    private array $in = [];

    private function __construct() {}

    /**
     * @return list<FinalPicture>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $read = new self();
        $read->walk(TypedLines::of($text, 'elements', self::MOST_LINES));

        return $read->joined();
    }

    /**
     * @param  list<TypedLine>  $lines
     *
     * @throws ImpossibleValue
     */
    private function walk(array $lines): void
    {
        $top = $lines === [] ? 0 : min(array_map(static fn (TypedLine $l): int => $l->depth, $lines));
        $setup = null;
        $setupDepth = 0;
        foreach ($lines as $at => $line) {
            $isSetup = $setup === null || $line->depth <= $setupDepth;
            $hasMore = isset($lines[$at + 1]) && $lines[$at + 1]->depth > $line->depth;
            if ($line->depth === $top) {
                $this->begin($line);
                $setup = null;
            } elseif ($this->pictures === []) {
                $line->refuse('no picture stands above it');
            } elseif ($isSetup && $hasMore) {
                $name = rtrim($line->text, ': ');
                $setup = $this->setups[mb_strtolower($name)] ??= $name;
                $setupDepth = $line->depth;
            } else {
                $setup = $isSetup ? null : $setup;
                $this->add($line, $setup);
            }
        }
    }

    /** @throws ImpossibleValue */
    private function begin(TypedLine $line): void
    {
        $name = rtrim($line->text, ': ');
        foreach ($this->pictures as $known) {
            if (mb_strtolower($known) === mb_strtolower($name)) {
                $line->refuse("“{$name}” is there already");
            }
        }
        $this->pictures[] = $name;
    }

    /** @throws ImpossibleValue */
    private function add(TypedLine $line, ?string $setup): void
    {
        $picture = $this->pictures[count($this->pictures) - 1];
        $parts = new ElementParts($line);
        $id = WantedElement::number($picture, $parts->name);
        if (isset($this->lines[$id])) {
            $line->refuse("“{$parts->name}” is there already below this picture");
        }
        $this->lines[$id] = $line;
        $this->parts[$id] = $parts;
        $this->in[$id] = [$picture, $setup];
    }

    /**
     * @return list<FinalPicture>
     *
     * @throws ImpossibleValue when a name is of no element, or of several
     */
    private function joined(): array
    {
        $after = [];
        foreach ($this->parts as $id => $parts) {
            foreach ($parts->after as $name) {
                $after[$id][] = $this->found($id, $name);
            }
            foreach ($parts->before as $name) {
                $after[$this->found($id, $name)][] = $id;
            }
        }
        $of = array_fill_keys($this->pictures, []);
        foreach ($this->parts as $id => $parts) {
            [$picture, $setup] = $this->in[$id];
            $of[$picture][] = new WantedElement(
                $id,
                $picture,
                $setup,
                $parts->name,
                $parts->wanted,
                $parts->minutes,
                array_values(array_unique($after[$id] ?? [])),
                $parts->people(),
                $parts->throwing,
                $parts->priority,
            );
        }

        return array_map(static fn (string $name): FinalPicture => new FinalPicture($name, $of[$name]), $this->pictures);
    }

    /** @throws ImpossibleValue */
    private function found(int $of, string $name): int
    {
        $called = array_keys(array_filter($this->parts, static fn (ElementParts $p): bool => mb_strtolower($p->name) === mb_strtolower($name)));
        $near = array_values(array_filter($called, fn (int $id): bool => $this->in[$id][0] === $this->in[$of][0]));
        $found = $near === [] ? $called : $near;
        if (count($found) !== 1) {
            $this->lines[$of]->refuse(
                $found === [] ? "“{$name}” is no element of the list" : "“{$name}” is an element of several pictures: say it below one of them",
            );
        }

        return $found[0] === $of ? $this->lines[$of]->refuse("“{$name}” comes after itself") : $found[0];
    }
}
