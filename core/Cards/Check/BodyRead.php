<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Picture\FrameKind;

/** Both cards of one body, read together: from them the save mode is computed. */
final readonly class BodyRead
{
    public function __construct(
        public int $bodyId,
        public string $label,
        public string $serial,
        public SaveMode $planned,
        public ?SlotRead $first,
        public ?SlotRead $second,
    ) {}

    /** @return list<FrameSeen> */
    public function testOn(?SlotRead $slot): array
    {
        return $slot?->testFrames($this->serial) ?? [];
    }

    public function hasTestFrames(): bool
    {
        return $this->testOn($this->first) !== [] || $this->testOn($this->second) !== [];
    }

    /** The save mode that the test frames prove; null when they prove none. */
    public function mode(): ?SaveMode
    {
        $a = $this->testOn($this->first);
        $b = $this->testOn($this->second);
        if ($a === [] && $b === []) {
            return null;
        }
        if (self::paths($a) === self::paths($b)) {
            return self::hashes($a) === self::hashes($b) ? SaveMode::Mirror : null;
        }
        if ($this->isOneKind($a) && $this->isOneKind($b) && $a[0]->kind !== $b[0]->kind && self::names($a) === self::names($b)) {
            return SaveMode::Split;
        }

        return array_intersect(self::names($a), self::names($b)) === [] ? SaveMode::Overflow : null;
    }

    /** What the body's clock showed at the first test frame. */
    public function firstClock(): ?int
    {
        $clocks = array_map(static fn (FrameSeen $f): int => (int) $f->clock, [
            ...$this->testOn($this->first),
            ...$this->testOn($this->second),
        ]);

        return $clocks === [] ? null : min($clocks);
    }

    /** @return list<FrameSeen> frames from before, on both cards */
    public function leftovers(int $clockErrorS): array
    {
        return [
            ...$this->first?->leftovers($this->serial, $clockErrorS) ?? [],
            ...$this->second?->leftovers($this->serial, $clockErrorS) ?? [],
        ];
    }

    /** In words, as “2 raw + 2 jpeg”. */
    public function describe(?SlotRead $slot): string
    {
        $frames = $this->testOn($slot);
        if ($slot === null) {
            return 'no card';
        }
        $said = [];
        foreach (SlotRead::kinds($frames) as $kind) {
            $said[] = count(array_filter($frames, static fn (FrameSeen $f): bool => $f->kind === $kind)).' '.$kind->value;
        }

        return $said === [] ? 'no test frame' : implode(' + ', $said);
    }

    /** What was found on both cards, in words. */
    public function found(): string
    {
        return ($this->mode()->value ?? 'no clear mode').": {$this->describe($this->first)} | {$this->describe($this->second)}";
    }

    public function writesRaw(): bool
    {
        return in_array(FrameKind::Raw, SlotRead::kinds([...$this->testOn($this->first), ...$this->testOn($this->second)]), true);
    }

    /** @param  list<FrameSeen>  $frames */
    private function isOneKind(array $frames): bool
    {
        return count(SlotRead::kinds($frames)) === 1;
    }

    /**
     * @param  list<FrameSeen>  $frames
     * @return list<string>
     */
    private static function paths(array $frames): array
    {
        return self::sorted(array_map(static fn (FrameSeen $f): string => $f->path, $frames));
    }

    /**
     * @param  list<FrameSeen>  $frames
     * @return list<string>
     */
    private static function names(array $frames): array
    {
        return self::sorted(array_unique(array_map(static fn (FrameSeen $f): string => FrameKind::frameOf($f->path), $frames)));
    }

    /**
     * @param  list<FrameSeen>  $frames
     * @return list<string>
     */
    private static function hashes(array $frames): array
    {
        return self::sorted(array_map(static fn (FrameSeen $f): string => $f->path.' '.$f->hash, $frames));
    }

    /**
     * @param  array<int, string>  $list
     * @return list<string>
     */
    private static function sorted(array $list): array
    {
        sort($list, SORT_STRING);

        return $list;
    }
}
