<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** The metadata of a bag: `Label: value` lines (RFC 8493, 2.2.2). */
final readonly class BagInfo
{
    /** @param  array<string, string>  $labels in the order to write them */
    public function __construct(private array $labels) {}

    /** @param  array<string, string>  $labels */
    public static function forCopy(array $labels, int $bytes, int $files, string $date): self
    {
        return new self([...$labels, 'Bagging-Date' => $date, 'Payload-Oxum' => "{$bytes}.{$files}"]);
    }

    public static function parse(string $text): self
    {
        $labels = [];
        $last = null;
        foreach (preg_split('/\r\n|\n|\r/', $text) ?: [] as $line) {
            $parts = [];
            if ($last !== null && preg_match('/^[ \t]+(.*)$/D', $line, $parts) === 1) {
                $labels[$last] .= ' '.$parts[1];
            } elseif (preg_match('/^([^:\s][^:]*?)\s*:\s?(.*)$/D', $line, $parts) === 1) {
                $last = $parts[1];
                $labels[$last] = $parts[2];
            }
        }

        return new self($labels);
    }

    public function get(string $label): ?string
    {
        foreach ($this->labels as $name => $value) {
            if (strcasecmp($name, $label) === 0) {
                return $value;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    public function all(): array
    {
        return $this->labels;
    }

    public function text(): string
    {
        $text = '';
        foreach ($this->labels as $label => $value) {
            $text .= $label.': '.trim((string) preg_replace('/\s+/', ' ', $value))."\n";
        }

        return $text;
    }
}
