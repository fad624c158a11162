<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\ImpossibleValue;

/** What is sent of a day while it still goes on: the proven plan, and what happens when a gap is missed or the net is slower. */
final readonly class DaySending
{
    /** A jpeg for the editor (common practice, no source). */
    public const USUAL_MB = 6.0;

    private const MINUTE_MS = 60_000;

    private const MOST_RATE_MB_S = 1000.0;

    /**
     * @param  list<WantedGap>  $gaps
     * @param  list<WantedPicture>  $wanted
     * @param  float  $rateMbS  measured
     * @param  float  $overheadS  a picture: choosing, the caption, the greeting of the server
     */
    public function __construct(public array $gaps, public array $wanted, public float $rateMbS, public float $overheadS = 0.0) {}

    /**
     * @throws ImpossibleValue when gaps overlap
     */
    public function plan(): SendPlan
    {
        return $this->planned($this->gaps, $this->rateMbS);
    }

    /** How many are in time, and how much of the gaps that takes. */
    public function says(SendPlan $plan): string
    {
        return count($plan->inTime).' of '.count($plan->pictures).' in time'.($plan->isOptimal ? ', proven' : ', as far as was found').
            '; all of it takes '.round($this->neededS() / 60, 1).' min, the gaps have '.round($this->openS() / 60).'.';
    }

    /** The open time of the gaps and what all pictures take, in seconds. */
    public function neededS(): float
    {
        $sum = 0;
        foreach ($this->pictures($this->rateMbS) as $picture) {
            $sum += $picture->lengthMs;
        }

        return $sum / 1000;
    }

    public function openS(): float
    {
        return (float) array_sum(array_map(static fn (WantedGap $g): int => 60 * ($g->to->minutes - $g->from->minutes), $this->gaps));
    }

    /**
     * What is late, by what is wanted.
     *
     * @return array<string, int> pictures that are not there in time
     */
    public function late(SendPlan $plan): array
    {
        $late = [];
        foreach ($this->lateOf($plan) as $number => $count) {
            $what = $this->wanted[$number]->what;
            $late[$what] = ($late[$what] ?? 0) + $count;
        }

        return $late;
    }

    /** @return array<int, int> pictures that are not there in time, by the number of what is wanted */
    public function lateOf(SendPlan $plan): array
    {
        $late = [];
        foreach (array_diff(array_map(static fn (SendPicture $p): string => $p->id, $plan->pictures), $plan->inTime) as $id) {
            $late[(int) $id] = ($late[(int) $id] ?? 0) + 1;
        }

        return $late;
    }

    /**
     * Without each gap in turn: what is lost, the most first. As many pictures may be late as before, but dearer ones.
     *
     * @return list<MissedGap> those that lose something
     */
    public function missed(SendPlan $plan): array
    {
        $missed = [];
        foreach ($this->gaps as $index => $gap) {
            $rest = $this->gaps;
            unset($rest[$index]);
            $without = $this->planned(array_values($rest), $this->rateMbS);
            $missed[] = new MissedGap($gap->name, count($plan->inTime) - count($without->inTime), $plan->worth - $without->worth);
        }
        usort($missed, static fn (MissedGap $a, MissedGap $b): int => [$b->worth, $b->pictures] <=> [$a->worth, $a->pictures]);

        return array_values(array_filter($missed, static fn (MissedGap $m): bool => $m->worth > 0));
    }

    /** Whether every picture is worth the same. */
    public function isEven(): bool
    {
        return count(array_unique(array_map(static fn (WantedPicture $w): int => $w->worth, $this->wanted))) < 2;
    }

    /** The lowest rate, to a tenth of a megabyte a second, at which all are in time; null where none is fast enough. */
    public function rateForAll(): ?float
    {
        $isAll = fn (float $rate): bool => count($this->planned($this->gaps, $rate)->inTime) === count($this->pictures($rate));
        if (! $isAll(self::MOST_RATE_MB_S)) {
            return null;
        }
        [$low, $high] = [$this->rateMbS, self::MOST_RATE_MB_S];
        while ($high - $low > 0.05) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $isAll($middle) ? [$low, $middle] : [$middle, $high];
        }

        return ceil(10 * $high) / 10;
    }

    /**
     * @param  list<WantedGap>  $gaps
     */
    private function planned(array $gaps, float $rate): SendPlan
    {
        return SendSearch::best(
            array_map(
                static fn (WantedGap $g): SendGap => new SendGap(
                    $g->name,
                    self::MINUTE_MS * $g->from->minutes,
                    self::MINUTE_MS * $g->to->minutes,
                ),
                $gaps,
            ),
            $this->pictures($rate),
        );
    }

    /** @return list<SendPicture> each with the number of what is wanted in front of its own */
    private function pictures(float $rate): array
    {
        $pictures = [];
        foreach ($this->wanted as $number => $wanted) {
            $length = SendPicture::lengthMs($wanted->mb ?? self::USUAL_MB, $rate, $this->overheadS);
            for ($i = 1; $i <= $wanted->count; $i++) {
                $pictures[] = new SendPicture(
                    "{$number} {$i}",
                    $length,
                    self::MINUTE_MS * ($wanted->ready->minutes ?? 0),
                    self::MINUTE_MS * $wanted->due->minutes,
                    (float) $wanted->worth,
                );
            }
        }

        return $pictures;
    }
}
