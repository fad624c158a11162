<?php

declare(strict_types=1);

namespace NorthSatchel\Taps;

/** Something that was tapped: with an id and a time made on the device. */
final readonly class Tap
{
    /**
     * @param  string  $id  the same wherever this tap turns up
     * @param  float  $at  unix seconds, the device's clock set right
     * @param  array<string, int|float|string|null>  $on  what it acts on, by name
     */
    public function __construct(public string $id, public TapKind $kind, public float $at, public array $on) {}

    /** The number of the thing that it is about; 0 where it names none. */
    public function subject(): int
    {
        return $this->number($this->kind->subject()) ?? 0;
    }

    /** A whole number that it carries; null where it carries none under that name. */
    public function number(string $name): ?int
    {
        $value = $this->on[$name] ?? null;

        return is_numeric($value) ? (int) $value : null;
    }

    /** A measure that it carries; null where it carries none under that name. */
    public function measure(string $name): ?float
    {
        $value = $this->on[$name] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    /** Words that it carries; empty where it carries none under that name. */
    public function words(string $name): string
    {
        return (string) ($this->on[$name] ?? '');
    }
}
