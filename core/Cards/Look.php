<?php

declare(strict_types=1);

namespace NorthSatchel\Cards;

/** What somebody saw who looked at frames of a card at 1:1. */
final readonly class Look
{
    /**
     * @param  int  $frames  how many were shown
     * @param  list<string>  $bad  names of those that are not as they should be
     * @param  bool  $isWell  said that all of them are as they should be
     * @param  bool  $goesAnyway  said in writing: the card may go all the same
     */
    public function __construct(
        public int $frames,
        public array $bad = [],
        public string $words = '',
        public bool $isWell = true,
        public bool $goesAnyway = false,
    ) {}

    /** Either all is well, or it was said in writing that the card may go all the same: words of trouble are no look that found nothing. */
    public function isPassed(): bool
    {
        return $this->goesAnyway || ($this->isWell && $this->bad === []);
    }

    /** @return array<string, mixed> for the log */
    public function row(): array
    {
        return [
            'frames' => $this->frames,
            'bad' => $this->bad,
            'words' => $this->words,
            'is_well' => $this->isWell,
            'goes_anyway' => $this->goesAnyway,
        ];
    }

    /** @param  array<string, mixed>  $row as written by row() */
    public static function ofRow(array $row): self
    {
        return new self(
            is_int($row['frames'] ?? null) ? $row['frames'] : 0,
            array_values(array_filter(is_array($row['bad'] ?? null) ? $row['bad'] : [], is_string(...))),
            is_string($row['words'] ?? null) ? $row['words'] : '',
            // Of looks that were noted without this word, only those without words found nothing.
            is_bool($row['is_well'] ?? null) ? $row['is_well'] : ($row['words'] ?? '') === '',
            ($row['goes_anyway'] ?? false) === true,
        );
    }
}
