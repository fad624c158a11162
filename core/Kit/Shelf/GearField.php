<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Shelf;

/** One thing to know of a kind of gear. */
final readonly class GearField
{
    private function __construct(
        public string $name,
        public string $label,
        public string $type,
        public bool $isRequired,
        public ?float $min = null,
        public ?float $max = null,
        public bool $isWhole = false,
    ) {}

    public static function number(
        string $name,
        string $label,
        float $min,
        float $max,
        bool $isRequired = false,
        bool $isWhole = false,
    ): self {
        return new self($name, $label, 'number', $isRequired, $min, $max, $isWhole);
    }

    public static function text(string $name, string $label, bool $isRequired = false): self
    {
        return new self($name, $label, 'text', $isRequired);
    }

    public static function yes(string $name, string $label): self
    {
        return new self($name, $label, 'yes', false);
    }

    /** What is wrong with what was typed, as a sentence; null when nothing is. */
    public function wrong(string $typed): ?string
    {
        if (trim($typed) === '') {
            return $this->isRequired ? 'This is needed.' : null;
        }
        if ($this->type === 'text') {
            return mb_strlen($typed) > 60 ? 'At most 60 characters.' : null;
        }
        if ($this->type === 'yes') {
            return in_array(mb_strtolower(trim($typed)), ['1', '0', 'yes', 'no'], true) ? null : 'This must be yes or no.';
        }
        $value = $this->value($typed);

        return match (true) {
            ! is_float($value) && ! is_int($value) => 'This must be a number.',
            $this->isWhole && floor((float) $value) !== (float) $value => 'This must be a whole number.',
            $value < $this->min || $value > $this->max => "This must lie between {$this->min} and {$this->max}.",
            default => null,
        };
    }

    /** What was typed as a value: a number with comma or point, a yes as true, a text; null where nothing, or no number, was typed. */
    public function value(string $typed): int|float|string|bool|null
    {
        $typed = trim($typed);
        if ($typed === '') {
            return null;
        }
        if ($this->type === 'yes') {
            return in_array(mb_strtolower($typed), ['1', 'yes'], true);
        }
        if ($this->type === 'text') {
            return $typed;
        }
        $number = str_replace(',', '.', $typed);
        if (! is_numeric($number)) {
            return null;
        }

        return $this->isWhole && floor((float) $number) === (float) $number ? (int) $number : (float) $number;
    }
}
