<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\ImpossibleValue;

/** The gaps laid end to end: in that time one can always send. */
final readonly class OpenTime
{
    /** @var list<SendGap> in the order of time */
    private array $gaps;

    /**
     * @param  list<SendGap>  $gaps  in any order
     *
     * @throws ImpossibleValue when one is empty or two overlap
     */
    public function __construct(array $gaps)
    {
        usort($gaps, static fn (SendGap $a, SendGap $b): int => $a->fromMs <=> $b->fromMs);
        foreach ($gaps as $index => $gap) {
            if ($gap->toMs <= $gap->fromMs || ($index > 0 && $gap->fromMs < $gaps[$index - 1]->toMs)) {
                throw ImpossibleValue::of('gaps', $gap->toMs <= $gap->fromMs ? 'must each end after they begin' : 'must not overlap');
            }
        }
        $this->gaps = $gaps;
    }

    /** The open time before a moment. */
    public function before(int $ms): int
    {
        return array_sum(array_map(static fn (SendGap $g): int => max(0, min($ms, $g->toMs) - $g->fromMs), $this->gaps));
    }

    public function length(): int
    {
        return array_sum(array_map(static fn (SendGap $g): int => $g->toMs - $g->fromMs, $this->gaps));
    }

    /** @return list<SentPart> a stretch of open time as it lies in the gaps */
    public function parts(string $id, int $from, int $to): array
    {
        $parts = [];
        $open = 0;
        foreach ($this->gaps as $gap) {
            $start = max($from, $open);
            $end = min($to, $open + $gap->toMs - $gap->fromMs);
            if ($end > $start) {
                $parts[] = new SentPart($id, $gap->id, $gap->fromMs + $start - $open, $gap->fromMs + $end - $open);
            }
            $open += $gap->toMs - $gap->fromMs;
        }

        return $parts;
    }
}
