<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\ClockTime;
use NorthSatchel\Plan\LocalDay;
use NorthSatchel\Scout\GeoPoint;

/** One JSON object of the input, read field by field; every refusal names the field by its path. */
final readonly class Fields
{
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
    public function number(string $name, ?float $min = null, ?float $max = null, ?float $above = null, ?float $below = null, ?float $default = null): float
    {
        if (! $this->has($name) && $default !== null) {
            return $default;
        }
        $must = 'must be a number'.match (true) {
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
        if (($min !== null && $value < $min) || ($max !== null && $value > $max)
            || ($above !== null && $value <= $above) || ($below !== null && $value >= $below)) {
            throw Refusal::of($this->path.$name, $must);
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
            if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value) || $value < $min) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", "must be a number of at least {$min}");
            }
            $numbers[] = (float) $value;
        }

        return $numbers;
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
            if ((! is_int($value) && ! is_float($value)) || ! is_finite((float) $value) || $value <= $above) {
                throw Refusal::of("{$this->path}{$name}[{$index}]", "must be a number above {$above}");
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
            if (! is_array($pair) || count($pair) !== 2 || ! is_string($pair[0] ?? null) || ! is_string($pair[1] ?? null) || $pair[0] === $pair[1]) {
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

    /**
     * Minutes since midnight of a clock time.
     *
     * @throws Refusal
     */
    public function clock(string $name): int
    {
        try {
            return ClockTime::of($this->text($name, 'must be a time as HH:MM, hours 00 to 47'))->minutes;
        } catch (ImpossibleValue $e) {
            throw Refusal::of($this->path.$name, $e->must);
        }
    }

    /**
     * Null where it is absent.
     *
     * @throws Refusal
     */
    public function clockIfGiven(string $name): ?int
    {
        return $this->has($name) ? $this->clock($name) : null;
    }

    /** A refusal of one of these fields. */
    public function refusal(string $name, string $must): Refusal
    {
        return Refusal::of($this->path.$name, $must);
    }

    /** @throws Refusal */
    public function place(): GeoPoint
    {
        return GeoPoint::of(
            latitudeDeg: $this->number('latitude_deg', min: -90, max: 90),
            longitudeDeg: $this->number('longitude_deg', min: -180, max: 180),
        );
    }

    /** @throws Refusal */
    public function day(): LocalDay
    {
        return LocalDay::of($this->text('date', 'must be a day as YYYY-MM-DD'), $this->text('timezone', 'must be an IANA time zone'));
    }

    /**
     * Unix seconds of an ISO 8601 instant with offset; fractions of a second are kept.
     *
     * @throws Refusal
     */
    public function instant(string $name): float
    {
        $must = 'must be an ISO 8601 instant with an offset, such as 2030-06-01T12:00:00+02:00';
        $text = $this->text($name, $must);
        $parts = [];
        $pattern = '/^(\d{4})-(\d{2})-(\d{2})T([01]\d|2[0-3]):([0-5]\d)(?::([0-5]\d)(\.\d{1,9})?)?(Z|[+-](?:[01]\d|2[0-3]):?[0-5]\d)$/D';
        if (preg_match($pattern, $text, $parts) !== 1 || ! checkdate((int) $parts[2], (int) $parts[3], (int) $parts[1])) {
            throw Refusal::of($this->path.$name, $must);
        }
        $seconds = (new \DateTimeImmutable(
            sprintf('%s-%s-%sT%s:%s:%s%s', $parts[1], $parts[2], $parts[3], $parts[4], $parts[5], $parts[6] === '' ? '00' : $parts[6], $parts[8]),
        ))->getTimestamp();

        return $seconds + (float) ('0'.($parts[7] === '' ? '.0' : $parts[7]));
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

    /** @throws Refusal when it is absent */
    private function required(string $name, string $must): mixed
    {
        return $this->object->{$name} ?? throw Refusal::of($this->path.$name, "is missing: it {$must}");
    }

    private static function printable(string $name): string
    {
        return substr((string) preg_replace('/[^\x20-\x7E]/', '?', $name), 0, 60);
    }
}
