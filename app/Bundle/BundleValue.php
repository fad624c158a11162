<?php

declare(strict_types=1);

namespace App\Bundle;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** What a value of a bundle may be; says what is wrong with one that is not. */
final readonly class BundleValue
{
    /** @param  \Closure(mixed): bool  $isRight */
    private function __construct(private string $must, private \Closure $isRight, private bool $isNeeded) {}

    /** @return string|null what it must be; null where it is right */
    public function wrong(mixed $value): ?string
    {
        return ($value === null && ! $this->isNeeded) || ($value !== null && ($this->isRight)($value)) ? null : $this->must;
    }

    public function needed(): self
    {
        return new self($this->must, $this->isRight, true);
    }

    public static function text(int $longest): self
    {
        return new self(
            "must be a text of at most {$longest} letters",
            static fn (mixed $v): bool => is_string($v) &&
                mb_check_encoding($v, 'UTF-8') &&
                mb_strlen($v) <= $longest &&
                ! str_contains($v, "\0"),
            false,
        );
    }

    /** A text that says something. */
    public static function name(int $longest): self
    {
        return new self(
            "must be a name of 1 to {$longest} letters",
            static fn (mixed $v): bool => is_string($v) &&
                mb_check_encoding($v, 'UTF-8') &&
                trim($v) !== '' &&
                mb_strlen($v) <= $longest &&
                ! str_contains($v, "\0"),
            true,
        );
    }

    public static function whole(int $least, int $most): self
    {
        return new self(
            "must be a whole number from {$least} to {$most}",
            static fn (mixed $v): bool => is_int($v) && $v >= $least && $v <= $most,
            false,
        );
    }

    public static function number(float $least, float $most): self
    {
        return new self(
            "must be a number from {$least} to {$most}",
            static fn (mixed $v): bool => (is_int($v) || is_float($v)) && $v >= $least && $v <= $most,
            false,
        );
    }

    public static function yesOrNo(): self
    {
        return new self('must be yes or no', static fn (mixed $v): bool => in_array($v, [0, 1, true, false], true), true);
    }

    /** @param  list<string>  $words */
    public static function oneOf(array $words): self
    {
        return new self(
            'must be one of '.implode(', ', $words),
            static fn (mixed $v): bool => is_string($v) && in_array($v, $words, true),
            true,
        );
    }

    public static function clock(): self
    {
        return new self(
            'must be a time as HH:MM, hours 00 to 47',
            self::reads(static fn (string $v): ClockTime => ClockTime::of($v)),
            false,
        );
    }

    public static function day(): self
    {
        return new self(
            'must be a day of the calendar from 1990 to 2150',
            static fn (mixed $v): bool => is_string($v) &&
                $v >= '1990-01-01' &&
                $v < '2150-01-01' &&
                self::reads(static fn (string $d): LocalDay => LocalDay::of($d, 'UTC'))($v),
            false,
        );
    }

    public static function zone(): self
    {
        return new self(
            'must be a time zone such as Europe/Helsinki',
            self::reads(static fn (string $v): LocalDay => LocalDay::of('2027-01-01', $v)),
            true,
        );
    }

    public static function moment(): self
    {
        return new self(
            'must be a moment as YYYY-MM-DD HH:MM:SS',
            static fn (mixed $v): bool => is_string($v) &&
                preg_match('/^(19|20|21)\d\d-(0\d|1[0-2])-[0-3]\d [0-2]\d:[0-5]\d:[0-5]\d(\.\d{1,3})?$/D', $v) === 1 &&
                strtotime($v) !== false,
            true,
        );
    }

    /** @param  \Closure(string): mixed  $read  throws where the text is none */
    public static function read(string $must, int $longest, \Closure $read): self
    {
        return new self($must, static fn (mixed $v): bool => is_string($v) && strlen($v) <= $longest && self::reads($read)($v), false);
    }

    /** @param  self  $each  what each of the list must be */
    public static function listOf(self $each, int $most): self
    {
        return new self(
            "must be a list of at most {$most}, each of which {$each->must}",
            static fn (mixed $v): bool => is_array($v) &&
                array_is_list($v) &&
                count($v) <= $most &&
                array_filter($v, static fn (mixed $one): bool => $one === null || $each->wrong($one) !== null) === [],
            false,
        );
    }

    /** Values of one sort by names of at most 60 letters. */
    public static function mapOf(self $of, int $most): self
    {
        return new self(
            "must be at most {$most} values by their names",
            static fn (mixed $v): bool => is_array($v) &&
                count($v) <= $most &&
                array_filter(array_keys($v), static fn (int|string $name): bool => mb_strlen((string) $name) > 60) === [] &&
                array_filter($v, static fn (mixed $one): bool => $of->wrong($one) !== null) === [],
            false,
        );
    }

    /** @param  array<string, self>  $fields  all that it may have */
    public static function object(array $fields): self
    {
        return new self(
            'must be an object of '.implode(', ', array_keys($fields)),
            static function (mixed $v) use ($fields): bool {
                if (! is_array($v) || array_diff_key($v, $fields) !== []) {
                    return false;
                }

                return array_filter(
                    $fields,
                    static fn (self $field, string $name): bool => $field->wrong($v[$name] ?? null) !== null,
                    ARRAY_FILTER_USE_BOTH,
                ) === [];
            },
            false,
        );
    }

    /** An object of plain values, or of such objects and lists, of a bounded size. */
    public static function anything(int $mostBytes): self
    {
        return new self(
            "must be an object of at most {$mostBytes} bytes",
            static fn (mixed $v): bool => is_array($v) &&
                ($v === [] || ! array_is_list($v)) &&
                strlen((string) json_encode($v)) <= $mostBytes,
            false,
        );
    }

    /**
     * @param  \Closure(string): mixed  $read
     * @return \Closure(mixed): bool
     */
    private static function reads(\Closure $read): \Closure
    {
        return static function (mixed $value) use ($read): bool {
            try {
                if (! is_string($value)) {
                    return false;
                }
                $read($value);

                return true;
            } catch (ImpossibleValue) {
                return false;
            }
        };
    }
}
