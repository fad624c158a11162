<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Timeline\Ways;

/**
 * Dynamic programming over the ordered segments: labels (place, time, score, pocket minutes left),
 * of which only undominated ones live, pruned by a bound that lets the pockets share their minutes at
 * a price (Lagrangian relaxation). Exact unless the labels run out of room; then it says so.
 *
 * Scores put value first, then fewest skipped, then fewest moved: value × 10^6 − skipped × 10^3 − moved.
 */
final class Replanner
{
    public const VALUE = 1_000_000;

    public const SKIPPED = 1_000;

    public const MOVED = 1;

    /** Labels a stage of the quick first pass, whose answer prunes the exact one. */
    private const BEAM = 120;

    private const MOST_LABELS = 12_000;

    private const FARTHEST_BACK = 720;

    private readonly Ahead $ahead;

    private readonly PocketRoom $room;

    /**
     * @param  list<Rest>  $segments
     * @param  array<string, int>  $pockets  minutes by id
     *
     * @throws ImpossibleValue for a way that is not listed
     */
    public function __construct(
        private readonly int $now,
        private readonly ?string $place,
        private readonly array $segments,
        private readonly array $pockets,
        private readonly Ways $ways,
    ) {
        $this->room = new PocketRoom($segments, $pockets);
        $at = [$place];
        $reachable = [];
        foreach ($segments as $segment) {
            $reachable[] = $at;
            foreach ($at as $from) {
                $ways->needed($from, $segment->place ?? $from);
            }
            $at = $segment->canBePassed() ? $at : ($segment->place === null ? $at : []);
            if ($segment->place !== null && ! in_array($segment->place, $at, true)) {
                $at[] = $segment->place;
            }
        }
        $this->ahead = new Ahead($segments, [...$reachable, $at], $place, $pockets, $ways);
    }

    public function best(): Replan
    {
        $this->ahead->priceThePockets($this->now);
        [$best, $isCut] = $this->search($this->now, self::BEAM, null);
        if ($isCut) {
            [$best, $isCut] = $this->search($this->now, self::MOST_LABELS, $best);
        }
        if ($best === null) {
            return new Replan(false, [], null, ! $isCut, $this->shortBy());
        }

        return new Replan(true, $best->choices(), $this->valueOf($best), ! $isCut, null);
    }

    /** The smallest whole number of minutes earlier at which it could still be done. */
    private function shortBy(): ?int
    {
        $this->ahead->lookForAny();
        if (! $this->isFeasibleAt($this->now - self::FARTHEST_BACK)) {
            return null;
        }
        $low = 0;
        $high = self::FARTHEST_BACK;
        while ($high - $low > 1) {
            $middle = ($low + $high) >> 1;
            if (! $this->isFeasibleAt($this->now - $middle)) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return $high;
    }

    private function isFeasibleAt(int $now): bool
    {
        return $this->search($now, self::MOST_LABELS, null, withValues: false)[0] !== null;
    }

    /**
     * @param  Label|null  $known  a solution already found: only better ones are looked for
     * @return array{Label|null, bool} the best found; whether labels were cut, so that it may not be the best there is
     */
    private function search(int $now, int $most, ?Label $known, bool $withValues = true): array
    {
        $isCut = false;
        $labels = [new Label($this->place, $now, 0, $this->room->rounded(0, array_values($this->pockets)))];
        foreach ($this->segments as $i => $segment) {
            $next = new Frontier();
            foreach ($labels as $label) {
                foreach ($this->extend($label, $segment, $i + 1, $withValues) as $grown) {
                    $bound = $this->ahead->bound($i + 1, $grown);
                    if ($bound !== null && ($known === null || $bound >= $known->score)) {
                        $next->add($grown, $bound);
                    }
                }
            }
            [$labels, $isStageCut] = $next->living($most);
            $isCut = $isCut || $isStageCut;
        }
        $best = $known;
        foreach ($labels as $label) {
            if ($best === null || $label->score > $best->score || ($label->score === $best->score && $label->time < $best->time)) {
                $best = $label;
            }
        }

        return [$best, $isCut];
    }

    /** @return list<Label> */
    private function extend(Label $label, Rest $segment, int $stage, bool $withValues): array
    {
        $grown = [];
        $place = $segment->place ?? $label->place;
        $room = $this->room->rounded($stage, $label->left);
        $arrival = $label->time + $this->ways->needed($label->place, $place);
        foreach ($segment->doings() as [$how, $minutes, $value]) {
            $start = $segment->startAt($arrival, $minutes);
            if ($start !== null) {
                $grown[] = new Label(
                    $place,
                    $start + $minutes,
                    $label->score + ($withValues ? $value * self::VALUE : 0),
                    $room,
                    $label,
                    new Choice($segment->id, $how, $start, $start + $minutes),
                );
            }
        }
        if ($segment->isMovable()) {
            $ids = array_keys($this->pockets);
            foreach ($segment->mayMoveTo as $pocket) {
                $index = (int) array_search($pocket, $ids, false);
                $left = $label->left[$index] - $segment->movedMinutes();
                if ($left >= 0) {
                    $score = $label->score + ($withValues ? $segment->movedValue() * self::VALUE - self::MOVED : 0);
                    $after = $label->left;
                    $after[$index] = $left;
                    $after = $this->room->rounded($stage, array_values($after));
                    $grown[] = new Label(
                        $label->place,
                        $label->time,
                        $score,
                        $after,
                        $label,
                        new Choice($segment->id, How::Moved, pocket: (string) $pocket),
                    );
                }
            }
        }
        if (! $segment->isMust) {
            $grown[] = new Label(
                $label->place,
                $label->time,
                $label->score - ($withValues ? self::SKIPPED : 0),
                $room,
                $label,
                new Choice($segment->id, How::Skipped),
            );
        }

        return $grown;
    }

    private function valueOf(Label $label): int
    {
        $byId = [];
        foreach ($this->segments as $segment) {
            $byId[$segment->id] = $segment;
        }
        $value = 0;
        foreach ($label->choices() as $choice) {
            $segment = $byId[$choice->id];
            $value += match ($choice->how) {
                How::Full => $segment->value,
                How::Short => (int) $segment->shortValue,
                How::Moved => $segment->movedValue(),
                How::Skipped => 0,
            };
        }

        return $value;
    }
}
