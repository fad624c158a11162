<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Picture\FrameKind;

/** What was read from the card in one slot. */
final readonly class SlotRead
{
    /** Frames further apart than this are no longer one firing. */
    private const RUN_GAP_S = 3;

    /**
     * @param  list<FrameSeen>  $frames
     * @param  int|null  $loadedAt  when the card went into the body, Unix seconds
     * @param  string|null  $problem  why the card could not be read
     */
    public function __construct(public string $card, public array $frames, public ?int $loadedAt = null, public ?string $problem = null) {}

    /**
     * The test frames: the last firing of this body on this card, by frame number. A wrong clock does
     * not matter, since only distances within the one body count.
     *
     * @return list<FrameSeen>
     */
    public function testFrames(string $serial): array
    {
        $own = array_values(
            array_filter(
                $this->frames,
                static fn (FrameSeen $f): bool => $f->clock !== null && ($f->serial === null || $f->serial === $serial),
            ),
        );
        usort($own, static fn (FrameSeen $a, FrameSeen $b): int => $a->order() <=> $b->order());
        $run = [];
        foreach (array_reverse($own) as $frame) {
            if ($run !== [] && abs($run[0]->clock - $frame->clock) > self::RUN_GAP_S) {
                break;
            }
            array_unshift($run, $frame);
        }

        return $run;
    }

    /**
     * What was on the card before it went into this body: all but the test frames and what the body took
     * since then, its clock corrected.
     *
     * @param  int  $clockErrorS  how far the body's clock is ahead
     * @return list<FrameSeen>
     */
    public function leftovers(string $serial, int $clockErrorS): array
    {
        $test = array_map(static fn (FrameSeen $f): string => $f->path, $this->testFrames($serial));
        $isOwn = fn (FrameSeen $f): bool => $this->loadedAt !== null &&
            $f->clock !== null &&
            ($f->serial === null || $f->serial === $serial) &&
            $f->clock - $f->zoneS - $clockErrorS >= $this->loadedAt;

        return array_values(array_filter($this->frames, static fn (FrameSeen $f): bool => ! in_array($f->path, $test, true) && ! $isOwn($f)));
    }

    /**
     * @param  list<FrameSeen>  $frames
     * @return list<FrameKind> each kind once, raw first
     */
    public static function kinds(array $frames): array
    {
        $kinds = array_map(static fn (FrameSeen $f): string => $f->kind->value, $frames);

        return array_values(array_filter(FrameKind::cases(), static fn (FrameKind $k): bool => in_array($k->value, $kinds, true)));
    }
}
