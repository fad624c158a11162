<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * Frames read at a break, matched with the day: to segments by time and photographer, to shots by the taps that ticked them. What could
 * belong to two is said to, and given to neither.
 */
final readonly class FrameMatch
{
    /** A shot is ticked soon after it is taken: its frames lie between the tick before and a little after its own (ours, no source). */
    private const BEFORE_TICK_S = 300.0;

    private const AFTER_TICK_S = 30.0;

    private const MOST_NAMED = 4;

    /** From so many frames on, and below such a ratio of the longest to the widest, it is one size (ours, no source). */
    private const SIZE_FRAMES = 10;

    private const SIZE_RATIO = 1.5;

    /** @var array<int, int> frames by segment */
    public array $bySegment;

    /** @var array<int, list<string>> bodies by segment */
    public array $bodies;

    /** @var array<int, list<string>> photographers with frames, by segment */
    private array $lanes;

    /** @var array<int, list<float>> focal lengths by segment as on a full frame, those that are known, rising */
    public array $focals;

    /** @var array<string, int> frames by key of the shot; shots that nobody ticked are missing */
    public array $byShot;

    public int $outside;

    public int $ambiguous;

    /**
     * @param  list<LivedSegment>  $segments
     * @param  list<TakenFrame>  $frames  in any order
     */
    public function __construct(private array $segments, array $frames)
    {
        usort($frames, static fn (TakenFrame $a, TakenFrame $b): int => [$a->at, $a->name] <=> [$b->at, $b->name]);
        $byLane = [];
        foreach ($segments as $segment) {
            foreach ($segment->lanes as $lane) {
                $byLane[$lane][] = $segment;
            }
        }
        $of = $bodies = $own = $focals = $lanes = [];
        $outside = $ambiguous = 0;
        foreach ($frames as $frame) {
            $at = array_values(
                array_filter($byLane[$frame->lane] ?? [], static fn (LivedSegment $s): bool => $frame->at >= $s->from && $frame->at < $s->to),
            );
            if (count($at) !== 1) {
                $at === [] ? $outside++ : $ambiguous++;

                continue;
            }
            $of[$at[0]->id] = ($of[$at[0]->id] ?? 0) + 1;
            $bodies[$at[0]->id][$frame->body] = true;
            $lanes[$at[0]->id][$frame->lane] = true;
            $own[$at[0]->id][] = $frame->at;
            $focals[$at[0]->id][] = $frame->focalMm;
        }
        foreach ($focals as $id => $list) {
            $focals[$id] = array_values(array_filter($list, static fn (?float $mm): bool => $mm !== null));
            sort($focals[$id]);
        }
        $this->focals = $focals;
        $this->lanes = array_map(array_keys(...), $lanes);
        $this->bySegment = $of;
        $this->bodies = array_map(array_keys(...), $bodies);
        $this->byShot = self::shots($segments, $own);
        $this->outside = $outside;
        $this->ambiguous = $ambiguous;
    }

    /**
     * @param  list<LivedSegment>  $segments
     * @param  array<int, list<float>>  $times  of the frames by segment, in order
     * @return array<string, int>
     */
    private static function shots(array $segments, array $times): array
    {
        $counts = [];
        foreach ($segments as $segment) {
            $ticked = array_values(array_filter($segment->shots, static fn (LivedShot $s): bool => $s->tickedAt !== null));
            usort($ticked, static fn (LivedShot $a, LivedShot $b): int => $a->tickedAt <=> $b->tickedAt);
            // A group that is called may be a line of the list too: neither takes the frames of the other.
            $before = [-INF, -INF];
            foreach ($ticked as $shot) {
                $from = max($before[(int) $shot->isGroup] + self::AFTER_TICK_S, (float) $shot->tickedAt - self::BEFORE_TICK_S);
                $to = (float) $shot->tickedAt + self::AFTER_TICK_S;
                $own = array_filter($times[$segment->id] ?? [], static fn (float $t): bool => $t > $from && $t <= $to);
                $counts[$shot->key()] = count($own);
                $before[(int) $shot->isGroup] = (float) $shot->tickedAt;
            }
        }

        return $counts;
    }

    public function framesOf(LivedShot $shot): int
    {
        return $this->byShot[$shot->key()] ?? 0;
    }

    public function verdicts(): Verdicts
    {
        $found = [];
        $musts = 0;
        foreach ($this->segments as $segment) {
            $frames = $this->bySegment[$segment->id] ?? 0;
            $open = [];
            foreach ($segment->isOver ? $segment->shots : [] as $shot) {
                $musts += $shot->isMust ? 1 : 0;
                $open = $shot->isMust && $this->framesOf($shot) === 0 ? [...$open, $shot->what] : $open;
                $found[] = self::few($shot, $this->framesOf($shot));
            }
            if ($segment->isOver && $frames === 0) {
                $found[] = Verdict::fix(
                    'day.no-frames',
                    "No frame that was read is of {$segment->title}.",
                    'It is over. Another card, another body, a clock that is off: find out while its people are still here.',
                );
            } elseif ($open !== []) {
                $found[] = Verdict::fix(
                    'day.must-no-frame',
                    count($open) === 1
                        ? "“{$open[0]}” has no frame that is known to be its."
                        : count($open)." musts of {$segment->title} have no frame that is known to be theirs.",
                    Some::of($open, self::MOST_NAMED).
                        ': not ticked, or nothing was taken around the tick. '.
                        Plural::of($frames, '1 frame', "{$frames} frames")." of {$segment->title} ".Plural::of($frames, 'was', 'were').' read.',
                    ['musts' => count($open)],
                );
            }
            $found[] = $segment->isOver ? $this->oneSize($segment) : null;
            $found[] = $segment->isOver ? $this->oneSide($segment) : null;
        }
        $found = array_values(array_filter($found));
        if ($this->outside + $this->ambiguous > 0) {
            $found[] = Verdict::mind(
                'day.frames-outside',
                $this->outside + $this->ambiguous.' frames belong to no one segment.',
                "{$this->outside} lie outside all of them, {$this->ambiguous} where two of one photographer overlap.",
                ['outside' => $this->outside, 'ambiguous' => $this->ambiguous],
            );
        }
        $looked = Looked::at($musts, 'must');
        $aside = ['day.frames-outside', 'day.one-size', 'day.one-side'];
        $isOpen = array_filter($found, static fn (Verdict $v): bool => ! in_array($v->code, $aside, true)) !== [];

        return new Verdicts($isOpen || $looked === null ? $found : [
            ...$found,
            Verdict::fine('day.musts-taken', 'Every must of what is over has frames.', "{$looked->words}, each with frames at its tick.", $looked),
        ]);
    }

    /** Two were planned for it, one on either side, and the frames are of one. */
    private function oneSide(LivedSegment $segment): ?Verdict
    {
        $there = $this->lanes[$segment->id] ?? [];
        $missing = array_values(array_diff($segment->lanes, $there));

        return count($segment->lanes) < 2 || $there === [] || $missing === []
            ? null
            : Verdict::mind(
                'day.one-side',
                "{$segment->title} has frames of the ".implode(' and ', $there).' alone.',
                'The '.implode(' and ', $missing).' was planned there too: their cards are not read yet, or that side is missing.',
            );
    }

    /** Wide and tight: each says what the other does not (common practice, no source). */
    private function oneSize(LivedSegment $segment): ?Verdict
    {
        $focals = $this->focals[$segment->id] ?? [];
        $hasMust = array_filter($segment->shots, static fn (LivedShot $s): bool => $s->isMust) !== [];
        if (! $hasMust || count($focals) < self::SIZE_FRAMES || end($focals) >= self::SIZE_RATIO * $focals[0]) {
            return null;
        }

        return Verdict::mind(
            'day.one-size',
            "{$segment->title} is taken at one size only: {$this->sizes($segment->id)}.",
            count($focals).' frames of it say how long their lens was. A wide one shows where it was, a tight one what it meant: take the other.',
            ['widest' => $focals[0], 'longest' => end($focals)],
        );
    }

    /** Of a segment, in words; none where no frame says it. */
    public function sizes(int $segment): string
    {
        $focals = $this->focals[$segment] ?? [];
        $ends = $focals === [] ? [] : array_unique([(int) round($focals[0]), (int) round(end($focals))]);

        return $ends === [] ? '' : implode(' to ', $ends).' mm';
    }

    private static function few(LivedShot $shot, int $frames): ?Verdict
    {
        return $shot->wanted === null || $frames === 0 || $frames >= $shot->wanted
            ? null
            : Verdict::mind(
                'day.few-frames',
                "“{$shot->what}” has {$frames} of {$shot->wanted} frames.",
                'So many were wanted, that one of them has all eyes open or no blur: look at them, or take it once more.',
                ['frames' => $frames],
            );
    }
}
