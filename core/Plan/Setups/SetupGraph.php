<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\ImpossibleValue;

/** Elements and their setups in numbers: what waits for what as bits, and the least that what is left costs. */
final class SetupGraph
{
    /** So much is a minute worth against a change. */
    public const MINUTE = 1_000_000;

    /** @var list<int> by element, its setup */
    public array $setupOf = [];

    /** @var list<list<int>> by element, those that come before it */
    public array $before = [];

    /** @var list<list<int>> by element, those that come after it */
    private array $behind = [];

    /** @var list<int> by element, those that come before it as bits */
    private array $needs = [];

    /** @var array<int, list<int>> by setup, its elements */
    private array $of = [];

    /** @var list<string> */
    public array $setups;

    /** @var array<int, array<int, int>> by setup and element: how often a chain that begins with it enters the setup */
    private array $entries = [];

    /** @var list<int> by setup, the least that entering it costs */
    private array $entering = [];

    /**
     * @param  list<SetupElement>  $elements
     * @param  string|null  $start  the setup that stands; null where the first is free
     *
     * @throws ImpossibleValue when what comes after what goes in a circle
     */
    public function __construct(public readonly array $elements, private readonly SetupChanges $changes, public readonly ?string $start)
    {
        $numbers = array_flip(array_map(static fn (SetupElement $e): string => $e->id, $elements));
        $this->setups = array_values(array_unique(array_map(static fn (SetupElement $e): string => $e->setup, $elements)));
        $places = array_flip($this->setups);
        $this->behind = array_fill(0, count($elements), []);
        foreach ($elements as $number => $element) {
            $this->setupOf[] = $places[$element->setup];
            $this->before[] = $before = array_map(static fn (string $id): int => (int) $numbers[$id], $element->after);
            $this->needs[] = array_reduce($before, static fn (int $bits, int $n): int => $bits | 1 << $n, 0);
            $this->of[$places[$element->setup]][] = $number;
            foreach ($element->after as $id) {
                $this->behind[$numbers[$id]][] = $number;
            }
        }
        foreach ($this->setups as $place => $to) {
            $least = $start === null || $start === $to ? PHP_INT_MAX : $changes->between($start, $to);
            foreach ($this->setups as $from) {
                $least = $from === $to ? $least : min($least, $changes->between($from, $to));
            }
            $this->entering[] = $least === PHP_INT_MAX ? 0 : $least;
            $this->entries[$place] = [];
        }
        foreach (array_reverse($this->sorted()) as $number) {
            foreach (array_keys($this->setups) as $setup) {
                $this->entries[$setup][$number] = $this->entriesFrom($setup, $number);
            }
        }
        // The most first: of those that are not done, the first says it.
        foreach ($this->entries as &$times) {
            arsort($times);
        }
    }

    /**
     * @return list<int> each after those that come before it
     *
     * @throws ImpossibleValue
     */
    private function sorted(): array
    {
        $waits = array_map(count(...), $this->before);
        $sorted = array_keys(array_filter($waits, static fn (int $n): bool => $n === 0));
        for ($at = 0; $at < count($sorted); $at++) {
            foreach ($this->behind[$sorted[$at]] as $next) {
                if (--$waits[$next] === 0) {
                    $sorted[] = $next;
                }
            }
        }

        return count($sorted) === count($this->elements)
            ? $sorted
            : throw ImpossibleValue::of('elements', 'must not come after each other in a circle');
    }

    /** How often a chain that begins with an element enters a setup; those behind it are known already. */
    private function entriesFrom(int $setup, int $number): int
    {
        $isHere = $this->setupOf[$number] === $setup;
        $most = 0;
        foreach ($this->behind[$number] as $next) {
            // One more of the same setup right behind it enters it no second time.
            $most = max($most, $this->entries[$setup][$next] - ($isHere && $this->setupOf[$next] === $setup ? 1 : 0));
        }

        return $most + ($isHere ? 1 : 0);
    }

    /** Of a change to a setup: minutes first, then that it is one. */
    public function step(?string $from, int $to): int
    {
        return $from === null || $from === $this->setups[$to] ? 0 : $this->changes->between($from, $this->setups[$to]) * self::MINUTE + 1;
    }

    public function canTake(int $done, int $setup): bool
    {
        foreach ($this->of[$setup] as $number) {
            if (($done & 1 << $number) === 0 && ($done & $this->needs[$number]) === $this->needs[$number]) {
                return true;
            }
        }

        return false;
    }

    /** What is done once everything that can be is taken in a setup. */
    public function taken(int $done, int $setup): int
    {
        do {
            $had = $done;
            foreach ($this->of[$setup] as $number) {
                $done |= ($done & $this->needs[$number]) === $this->needs[$number] ? 1 << $number : 0;
            }
        } while ($done !== $had);

        return $done;
    }

    /** What is left costs at least so much: each setup entered as often as it has to be. */
    public function left(int $done): int
    {
        $sum = 0;
        foreach ($this->entering as $place => $minutes) {
            foreach ($this->entries[$place] as $number => $times) {
                if (($done & 1 << $number) === 0) {
                    $sum += $times * ($minutes * self::MINUTE + 1);
                    break;
                }
            }
        }

        return $sum;
    }

    /** The same of everything, where the first setup is free. */
    public function leftOfAll(): int
    {
        $sum = $dearest = 0;
        foreach ($this->entering as $place => $minutes) {
            $sum += ($this->entries[$place] === [] ? 0 : max($this->entries[$place])) * $minutes;
            $dearest = max($dearest, $minutes);
        }

        return max(0, $sum - $dearest);
    }
}
