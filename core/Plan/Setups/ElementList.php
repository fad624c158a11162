<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\ImpossibleValue;

/** The final pictures of a job, what each is put together from, and what it takes from setup to setup. */
final readonly class ElementList
{
    /**
     * @param  list<FinalPicture>  $pictures
     * @param  array<string, array<string, int>>  $changes  minutes by from and to, where they are listed
     */
    private function __construct(public array $pictures, private array $changes, private int $usualChange) {}

    /** @throws ImpossibleValue naming the field and the line, or the circle */
    public static function read(string $elements, string $changes, int $usualChange): self
    {
        $pictures = ElementText::read($elements);
        $list = new self($pictures, ChangeText::read($changes, self::setupsOf($pictures)), $usualChange);
        if (count($list->elements()) > 0) {
            $list->order();
        }

        return $list;
    }

    /** @return list<WantedElement> as they were typed */
    public function elements(): array
    {
        return array_merge(...array_map(static fn (FinalPicture $p): array => $p->elements, $this->pictures) ?: [[]]);
    }

    /** @return array<int, WantedElement> by id */
    public function byId(): array
    {
        $elements = $this->elements();

        return array_combine(array_map(static fn (WantedElement $e): int => $e->id, $elements), $elements);
    }

    /** @return list<string> in the order in which they are named first */
    public function setups(): array
    {
        return self::setupsOf($this->pictures);
    }

    public function changes(): SetupChanges
    {
        return new SetupChanges($this->setups(), $this->changes, $this->usualChange);
    }

    /**
     * The order that takes the least; of elements without a setup none is known, and they are left out.
     *
     * @param  list<int>|null  $only  ids of those that are still to be taken; null: all
     * @param  string|null  $start  the setup that stands
     *
     * @throws ImpossibleValue when what comes after what goes in a circle
     */
    public function order(?array $only = null, ?string $start = null): SetupOrder
    {
        $taken = array_filter(
            $this->byId(),
            static fn (WantedElement $e): bool => $e->setup !== null && ($only === null || in_array($e->id, $only, true)),
        );

        return SetupSearch::best(
            array_values(array_map(static fn (WantedElement $e): SetupElement => new SetupElement(
                (string) $e->id,
                (string) $e->setup,
                $e->minutes,
                array_map(strval(...), array_values(array_filter($e->after, static fn (int $id): bool => isset($taken[$id])))),
            ), $taken)),
            $this->changes(),
            $start,
        );
    }

    /** Minutes in the order in which it was typed; null where that breaks what comes after what. */
    public function typedMinutes(): ?int
    {
        $at = null;
        $minutes = 0;
        $done = [];
        foreach ($this->elements() as $element) {
            if ($element->setup === null) {
                continue;
            }
            if (array_diff($element->after, $done) !== []) {
                return null;
            }
            $minutes += $element->minutes + ($at === null ? 0 : $this->changes()->between($at, $element->setup));
            $at = $element->setup;
            $done[] = $element->id;
        }

        return $minutes;
    }

    /**
     * @param  list<FinalPicture>  $pictures
     * @return list<string>
     */
    private static function setupsOf(array $pictures): array
    {
        $names = [];
        foreach ($pictures as $picture) {
            foreach ($picture->elements as $element) {
                $names[] = $element->setup;
            }
        }

        return array_values(array_unique(array_filter($names, static fn (?string $n): bool => $n !== null)));
    }
}
