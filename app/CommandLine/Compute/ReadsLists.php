<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;

/** Lists among the fields. */
trait ReadsLists
{
    /**
     * A list of numbers of a fixed length.
     *
     * @return list<float>
     *
     * @throws Refusal
     */
    public function numbers(string $name, int $length, float $min): array
    {
        $must = "must be a list of {$length} numbers of at least {$min}";
        $list = $this->required($name, $must);
        if (! is_array($list) || count($list) !== $length) {
            throw Refusal::of($this->path.$name, $must);
        }
        $numbers = [];
        foreach (array_values($list) as $index => $value) {
            if (! self::isOrdinary($value) || $value < $min) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", "must be a number from {$min} to 1e12");
            }
            $numbers[] = (float) $value;
        }

        return $numbers;
    }

    /**
     * A list of whole numbers; it may be empty.
     *
     * @return list<int>
     *
     * @throws Refusal
     */
    public function wholes(string $name, int $min, int $max): array
    {
        $wholes = [];
        foreach ($this->items($name, 'must be a list of whole numbers', false) as $index => $value) {
            if (is_float($value) && floor($value) === $value && abs($value) < 1e15) {
                $value = (int) $value;
            }
            if (! is_int($value) || $value < $min || $value > $max) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", "must be a whole number from {$min} to {$max}");
            }
            $wholes[] = $value;
        }

        return $wholes;
    }

    /**
     * A list of some numbers above a limit.
     *
     * @return non-empty-list<float>
     *
     * @throws Refusal
     */
    public function someNumbers(string $name, float $above, string $must): array
    {
        $numbers = [];
        foreach ($this->items($name, $must, false) as $index => $value) {
            if (! self::isOrdinary($value) || $value <= $above || ($above >= 0 && $value < 1 / self::LARGEST)) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", "must be a number above {$above}, 1e12 at most");
            }
            $numbers[] = (float) $value;
        }

        return $numbers === [] ? throw Refusal::of($this->path.$name, $must) : $numbers;
    }

    /**
     * A list of pairs of ids that are there; empty where it is absent.
     *
     * @param  list<string>  $among
     * @return list<array{string, string}>
     *
     * @throws Refusal
     */
    public function pairs(string $name, array $among): array
    {
        $pairs = [];
        foreach ($this->items($name, 'must be a list of pairs', true) as $index => $pair) {
            if (
                ! is_array($pair) ||
                count($pair) !== 2 ||
                ! is_string($pair[0] ?? null) ||
                ! is_string($pair[1] ?? null) ||
                $pair[0] === $pair[1]
            ) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", 'must be two different ids');
            }
            if (! in_array($pair[0], $among, true) || ! in_array($pair[1], $among, true)) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", 'must be ids that are there');
            }
            $pairs[] = [$pair[0], $pair[1]];
        }

        return $pairs;
    }

    /**
     * A list of objects, each read with fields of its own.
     *
     * @param  list<string>  $known
     * @return list<self>
     *
     * @throws Refusal
     */
    public function objects(string $name, array $known, bool $isOptional = false): array
    {
        $list = [];
        foreach ($this->items($name, 'must be a list of objects', $isOptional) as $index => $item) {
            if (! $item instanceof \stdClass) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", 'must be an object');
            }
            $list[] = new self($item, $known, "{$this->path}{$name}[{$index}].");
        }

        return $list;
    }

    /**
     * A list of texts, each of which must be among those that are known, where these are given.
     *
     * @param  list<string>|null  $among
     * @return list<string>
     *
     * @throws Refusal
     */
    public function texts(string $name, ?array $among = null, bool $isOptional = true): array
    {
        $texts = [];
        foreach ($this->items($name, 'must be a list of texts', $isOptional) as $index => $item) {
            if (! is_string($item) || $item === '') {
                throw Refusal::of("{$this->path}{$name}[{$index}]", 'must be a text');
            }
            if ($among !== null && ! in_array($item, $among, true)) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", 'must be an id that is there');
            }
            $texts[] = $item;
        }

        return $texts;
    }

    /**
     * @return list<mixed>
     *
     * @throws Refusal
     */
    private function items(string $name, string $must, bool $isOptional): array
    {
        if ($isOptional && ! $this->has($name)) {
            return [];
        }
        $list = $this->required($name, $must);

        return is_array($list) ? array_values($list) : throw Refusal::of($this->path.$name, $must);
    }
}
