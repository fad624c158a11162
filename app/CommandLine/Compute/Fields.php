<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;

/** One JSON object of the input, read field by field; every refusal names the field by its path. */
final readonly class Fields
{
    use ReadsLists;
    use ReadsMoments;

    /** Nothing that a photographer measures is larger, or, where it must be above 0, smaller than one part of it. */
    private const LARGEST = 1e12;

    /**
     * @param  list<string>  $known
     *
     * @throws Refusal for a field that is not known
     */
    public function __construct(private \stdClass $object, array $known, private string $path = '')
    {
        foreach (array_keys(get_object_vars($object)) as $name) {
            if (! in_array((string) $name, $known, true)) {
                throw Refusal::of($this->path.self::printable((string) $name), 'is not a field of this topic: it must be left out');
            }
        }
    }

    public function has(string $name): bool
    {
        return isset($this->object->{$name});
    }

    /** @throws Refusal */
    public function number(
        string $name,
        ?float $min = null,
        ?float $max = null,
        ?float $above = null,
        ?float $below = null,
        ?float $default = null,
    ): float {
        if (! $this->has($name) && $default !== null) {
            return $default;
        }
        $must =
            'must be a number'.
            match (true) {
                $min !== null && $max !== null => " from {$min} to {$max}",
                $min !== null && $below !== null => " from {$min} to below {$below}",
                $above !== null && $below !== null => " above {$above} and below {$below}",
                $min !== null => " of at least {$min}",
                $above !== null => " above {$above}",
                default => '',
            };
        $value = $this->required($name, $must);
        if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value)) {
            throw Refusal::of($this->path.$name, $must);
        }
        $value = (float) $value;
        if (
            ($min !== null && $value < $min) ||
            ($max !== null && $value > $max) ||
            ($above !== null && $value <= $above) ||
            ($below !== null && $value >= $below)
        ) {
            throw Refusal::of($this->path.$name, $must);
        }
        if (abs($value) > self::LARGEST || ($above !== null && $above >= 0 && $value < 1 / self::LARGEST)) {
            throw Refusal::of($this->path.$name, "{$must}, of an ordinary size: 1e-12 to 1e12");
        }

        return $value;
    }

    /** @throws Refusal */
    public function whole(string $name, int $min, int $max = 1_000_000_000): int
    {
        $must = "must be a whole number from {$min} to {$max}";
        $value = $this->required($name, $must);
        if (is_float($value) && floor($value) === $value && abs($value) < 1e15) {
            $value = (int) $value;
        }
        if (! is_int($value) || $value < $min || $value > $max) {
            throw Refusal::of($this->path.$name, $must);
        }

        return $value;
    }

    /** @throws Refusal */
    public function text(string $name, string $must = 'must be a text'): string
    {
        $value = $this->required($name, $must);
        if (! is_string($value)) {
            throw Refusal::of($this->path.$name, $must);
        }

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     *
     * @throws Refusal
     */
    public function oneOf(string $name, string $enum): \BackedEnum
    {
        $must = 'must be one of '.implode(', ', array_map(static fn (\BackedEnum $case): string => (string) $case->value, $enum::cases()));

        return $enum::tryFrom($this->text($name, $must)) ?? throw Refusal::of($this->path.$name, $must);
    }

    /**
     * True or false; false where it is absent.
     *
     * @throws Refusal
     */
    public function flag(string $name): bool
    {
        $value = $this->object->{$name} ?? false;

        return is_bool($value) ? $value : throw Refusal::of($this->path.$name, 'must be true or false');
    }

    /**
     * One object within the object.
     *
     * @param  list<string>  $known
     *
     * @throws Refusal
     */
    public function object(string $name, array $known): self
    {
        $value = $this->required($name, 'must be an object');
        if (! $value instanceof \stdClass) {
            throw Refusal::of($this->path.$name, 'must be an object');
        }

        return new self($value, $known, "{$this->path}{$name}.");
    }

    public function isText(string $name): bool
    {
        return is_string($this->object->{$name} ?? null);
    }

    /**
     * An id that none before it has.
     *
     * @param  array<string|int, mixed>  $taken  by id
     *
     * @throws Refusal
     */
    public function newId(array $taken): string
    {
        $id = $this->text('id', 'must be a text');
        if ($id === '' || isset($taken[$id])) {
            throw Refusal::of($this->path.'id', $id === '' ? 'must not be empty' : 'must be unlike every other id');
        }

        return $id;
    }

    /**
     * Null where it is absent.
     *
     * @throws Refusal
     */
    public function textIfGiven(string $name): ?string
    {
        return $this->has($name) ? $this->text($name) : null;
    }

    /**
     * Null where it is absent.
     *
     * @throws Refusal
     */
    public function wholeIfGiven(string $name, int $min, int $max = 1_000_000_000): ?int
    {
        return $this->has($name) ? $this->whole($name, $min, $max) : null;
    }

    /** The object as JSON, its keys sorted and what is null left out. */
    public function written(): string
    {
        $fields = array_filter(get_object_vars($this->object), static fn (mixed $v): bool => $v !== null);
        ksort($fields, SORT_STRING);

        return json_encode($fields, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
    }

    /** A refusal of one of these fields. */
    public function refusal(string $name, string $must): Refusal
    {
        return Refusal::of($this->path.$name, $must);
    }

    /** @throws Refusal when it is absent */
    private function required(string $name, string $must): mixed
    {
        return $this->object->{$name} ?? throw Refusal::of($this->path.$name, "is missing: it {$must}");
    }

    private static function printable(string $name): string
    {
        return substr((string) preg_replace('/[^\x20-\x7E]/', '?', $name), 0, 60);
    }

    /** @phpstan-assert-if-true int|float $value */
    private static function isOrdinary(mixed $value): bool
    {
        return (is_int($value) || is_float($value)) && abs($value) <= self::LARGEST;
    }
}
