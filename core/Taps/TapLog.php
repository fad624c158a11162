<?php

declare(strict_types=1);

namespace NorthSatchel\Taps;

/** Taps in the order of their times, each once, however they came in. What is so now follows from the last on each thing. */
final readonly class TapLog
{
    /** @param  list<Tap>  $taps */
    private function __construct(private array $taps) {}

    /** @param  iterable<Tap>  $taps  in any order, any of them twice */
    public static function of(iterable $taps): self
    {
        $once = [];
        foreach ($taps as $tap) {
            $known = $once[$tap->id] ?? null;
            if ($known === null || self::order($tap, $known) < 0) {
                $once[$tap->id] = $tap;
            }
        }
        $sorted = array_values($once);
        usort($sorted, self::order(...));

        return new self($sorted);
    }

    /** @return list<Tap> of these kinds, in the order of their times */
    public function ofKind(TapKind ...$kinds): array
    {
        return array_values(array_filter($this->taps, static fn (Tap $tap): bool => in_array($tap->kind, $kinds, true)));
    }

    /** As it stood right after one of its taps. */
    public function until(Tap $last): self
    {
        return new self(array_values(array_filter($this->taps, static fn (Tap $tap): bool => self::order($tap, $last) <= 0)));
    }

    /**
     * Whether each thing is on: whether the last tap on it was of this kind, or of the one that takes it back.
     *
     * @return array<int, bool> by the thing's number; what nobody tapped is missing
     */
    public function states(TapKind $on): array
    {
        $states = [];
        foreach ($this->taps as $tap) {
            if ($tap->kind === $on || $tap->kind === $on->opposite()) {
                $states[$tap->subject()] = $tap->kind === $on;
            }
        }

        return $states;
    }

    /** @return list<int> the things of which that kind holds now */
    public function standing(TapKind $on): array
    {
        return array_keys(array_filter($this->states($on)));
    }

    /** Of two taps under one id, and of two at one time, the same comes first everywhere. */
    private static function order(Tap $a, Tap $b): int
    {
        return [$a->at, $a->id, $a->kind->value, json_encode($a->on)] <=> [$b->at, $b->id, $b->kind->value, json_encode($b->on)];
    }
}
