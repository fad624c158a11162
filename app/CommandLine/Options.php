<?php

declare(strict_types=1);

namespace App\CommandLine;

/** The words after a command, sorted into folders and options. */
final readonly class Options
{
    /**
     * @param  list<string>  $words  those that are no option
     * @param  array<string, list<string>>  $values  of options that take one
     * @param  array<string, true>  $flags
     */
    private function __construct(public array $words, private array $values, private array $flags) {}

    /**
     * @param  list<string>  $arguments
     * @param  list<string>  $takingValue
     * @param  list<string>  $flags
     *
     * @throws Refusal
     */
    public static function of(array $arguments, array $takingValue, array $flags): self
    {
        $words = [];
        $values = [];
        $set = [];
        while ($arguments !== []) {
            $word = array_shift($arguments);
            [$option, $value] = [...explode('=', $word, 2), null];
            if (in_array($option, $takingValue, true)) {
                $value ??= array_shift($arguments) ?? throw Refusal::of($option, 'must be followed by a value');
                $values[$option][] = $value;
            } elseif (in_array($word, $flags, true)) {
                $set[$word] = true;
            } elseif (str_starts_with($word, '--')) {
                throw Refusal::of($option, 'is no option of this command');
            } else {
                $words[] = $word;
            }
        }

        return new self($words, $values, $set);
    }

    /** @return list<string> */
    public function all(string $option): array
    {
        return $this->values[$option] ?? [];
    }

    /** @throws Refusal when it is missing or given twice */
    public function one(string $option): string
    {
        $values = $this->all($option);
        if (count($values) !== 1) {
            throw Refusal::of($option, 'must be given once');
        }

        return $values[0];
    }

    public function has(string $flag): bool
    {
        return isset($this->flags[$flag]);
    }

    /**
     * The real path of a folder given by hand.
     *
     * @throws Refusal when there is none, or it may not be read
     */
    public static function folder(string $given, string $what): string
    {
        $real = str_contains($given, "\0") ? false : realpath($given);
        if ($real === false || ! is_dir($real)) {
            throw Refusal::of($what, "must be a folder that is there: {$given} is none");
        }
        if (@scandir($real) === false) {
            throw Refusal::of($what, "must be a folder that may be read: {$given} may not");
        }

        return $real;
    }

    /** @param  array<string, mixed>  $answer */
    public static function printJson(array $answer): void
    {
        echo json_encode($answer, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), "\n";
    }
}
