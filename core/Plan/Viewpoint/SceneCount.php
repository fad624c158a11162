<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Viewpoint;

use NorthSatchel\Plural;

/** What the shots of a scene make up together: pairs of a wide and a tight one, and frames with room for words. */
final readonly class SceneCount
{
    /** From so much of the frame on words have room (common practice, no source). */
    public const ROOM_PERCENT = 25;

    private function __construct(public int $shots, public int $wide, public int $tight, public int $withRoom, public int $mostPercent) {}

    /** @param  list<ShotView>  $shots */
    public static function of(array $shots): self
    {
        $near = static fn (string $distance): int => count(array_filter($shots, static fn (ShotView $s): bool => $s->distance === $distance));
        $rooms = array_map(static fn (ShotView $s): int => $s->emptyPercent ?? 0, $shots);

        return new self(
            count($shots),
            $near('wide'),
            $near('tight'),
            count(array_filter($rooms, static fn (int $percent): bool => $percent >= self::ROOM_PERCENT)),
            $rooms === [] ? 0 : max($rooms),
        );
    }

    public function pairs(): int
    {
        return min($this->wide, $this->tight);
    }

    /** "2 pairs of wide and tight, 1 with 40 % left empty"; empty where nothing of it was said. */
    public function words(): string
    {
        $unpaired = abs($this->wide - $this->tight);
        $parts = array_filter([
            $this->pairs() === 0 ? '' : ($this->pairs() === 1 ? '1 pair' : "{$this->pairs()} pairs").' of wide and tight',
            $unpaired === 0 ? '' : "{$unpaired} ".($this->wide > $this->tight ? 'wide without a tight one' : 'tight without a wide one'),
            $this->withRoom === 0
                ? ''
                : "{$this->withRoom} with room for words, ".Plural::of($this->withRoom, '', 'up to ')."{$this->mostPercent} % of the frame",
        ]);

        return implode(', ', $parts);
    }
}
