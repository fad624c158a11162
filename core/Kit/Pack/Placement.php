<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A thing put somewhere, or fetched from there; with the marks of a light that stays. */
final readonly class Placement
{
    /**
     * @param  string  $clock  local, as the wall shows it
     * @param  array{heightCm?: float, angleDeg?: float, distanceCm?: float}  $marks
     */
    public function __construct(
        public int $itemId,
        public string $label,
        public string $place,
        public string $clock,
        public bool $isFetched,
        public array $marks = [],
        /** Who takes it along. */
        public string $lane = 'lead',
    ) {}

    public function marksInWords(): string
    {
        $words = [];
        foreach (['heightCm' => 'height %s cm', 'angleDeg' => 'angle %s°', 'distanceCm' => 'distance %s cm'] as $name => $word) {
            if (isset($this->marks[$name])) {
                $words[] = sprintf($word, round($this->marks[$name], 1));
            }
        }

        return implode(', ', $words);
    }
}
