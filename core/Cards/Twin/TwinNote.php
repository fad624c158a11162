<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Twin;

use NorthSatchel\Picture\FrameKind;

/** What a twin check says of one of the two cards; kept in that card's log. */
final readonly class TwinNote
{
    /**
     * @param  array<string, Side>  $states  by printable path, of the files that are not the same and whole on both
     * @param  array<string, Side>  $twinStates  the same for the other card
     * @param  array<string, string>  $healing  hash of the other card's intact file, by name, where this one is damaged
     */
    public function __construct(
        public TwinVerdict $verdict,
        public int $frames,
        public int $twinCardId,
        public int $twinFill,
        public array $states,
        public array $twinStates,
        public array $healing = [],
    ) {}

    public function stateOf(string $name): Side
    {
        return $this->states[$name] ?? Side::Intact;
    }

    /** Whether the other card is known to hold this file whole where this one does not. */
    public function isTwinIntact(string $name): bool
    {
        return ($this->twinStates[$name] ?? null) === Side::Intact;
    }

    /** How many frames are damaged here and whole on the other card: the card, not the body, is to blame. */
    public function damaged(): int
    {
        $bad = array_filter(
            array_keys($this->states),
            fn (string|int $name): bool => $this->states[$name] === Side::Damaged && $this->isTwinIntact((string) $name),
        );

        return count(array_unique(array_map(static fn (string|int $name): string => FrameKind::frameOf((string) $name), $bad)));
    }

    /** @return array<string, mixed> for the log */
    public function row(): array
    {
        return [
            'verdict' => $this->verdict->value,
            'frames' => $this->frames,
            'twin' => $this->twinCardId,
            'twin_fill' => $this->twinFill,
            'states' => self::values($this->states),
            'twin_states' => self::values($this->twinStates),
            'healing' => (object) $this->healing,
        ];
    }

    /** @param  array<string, mixed>  $row as written by row() */
    public static function ofRow(array $row): self
    {
        return new self(
            TwinVerdict::tryFrom(is_string($row['verdict'] ?? null) ? $row['verdict'] : '') ?? TwinVerdict::Undecided,
            is_int($row['frames'] ?? null) ? $row['frames'] : 0,
            is_int($row['twin'] ?? null) ? $row['twin'] : 0,
            is_int($row['twin_fill'] ?? null) ? $row['twin_fill'] : 0,
            self::sides($row['states'] ?? null),
            self::sides($row['twin_states'] ?? null),
            self::texts($row['healing'] ?? null),
        );
    }

    /** @return array<string, string> */
    private static function texts(mixed $values): array
    {
        $texts = [];
        foreach (is_array($values) ? $values : [] as $name => $value) {
            if (is_string($value)) {
                $texts[(string) $name] = $value;
            }
        }

        return $texts;
    }

    /** @param  array<string, Side>  $sides */
    private static function values(array $sides): object
    {
        return (object) array_map(static fn (Side $side): string => $side->value, $sides);
    }

    /** @return array<string, Side> */
    private static function sides(mixed $values): array
    {
        $sides = [];
        foreach (is_array($values) ? $values : [] as $name => $value) {
            $sides[(string) $name] = Side::tryFrom(is_string($value) ? $value : '') ?? Side::Unknown;
        }

        return $sides;
    }
}
