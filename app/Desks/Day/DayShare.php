<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Models\Brief\Job;
use App\Models\Kit\Packing;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;

/** Whose phone a link is for: a photographer's lane with its taps, or the coordinator, who only looks. */
enum DayShare: string
{
    case Second = 'day-second';
    case Assistant = 'day-assistant';
    case Coordinator = 'day-coordinator';

    public function label(): string
    {
        return match ($this) {
            self::Second => 'the second photographer',
            self::Assistant => 'the assistant',
            self::Coordinator => 'the coordinator',
        };
    }

    public function lane(): ?string
    {
        return match ($this) {
            self::Second => 'second',
            self::Assistant => 'assistant',
            self::Coordinator => null,
        };
    }

    /** The pocket without what is hidden from them, and without what is not theirs. */
    public function pocket(Pocket $pocket, Job $job): Pocket
    {
        $lane = $this->lane();
        $isHidden = fn (Segment|ShotLine $row): bool => in_array($this->audience()->value, $row->hidden_from ?? [], true);
        $stored = $job->segments->keyBy('id');
        $segments = [];
        foreach ($pocket->segments as $segment) {
            $row = $stored->get($segment->id);
            if ($row === null || $isHidden($row) || ($lane !== null && ! in_array($lane, $segment->lanes, true))) {
                continue;
            }
            $hiddenShots = $row->shotLines->filter($isHidden)->pluck('id')->all();
            $shots = array_values(array_filter($segment->shots, static fn (PocketShot $s): bool => ! in_array($s->id, $hiddenShots, true)));
            $segments[] = $segment->shared($shots, $lane !== null);
        }
        $titles = array_values($job->segments->filter($isHidden)->map(static fn (Segment $s): string => $s->title)->all());

        return $pocket->shared($lane, $lane !== null, $segments, $titles);
    }

    /**
     * Those about what is shown, and what takes them back; notes only to who may tap.
     *
     * @param  list<Tap>  $taps
     * @return list<Tap>
     */
    public static function taps(array $taps, Pocket $shown): array
    {
        $segments = array_map(static fn (PocketSegment $s): int => $s->id, $shown->segments);
        $shots = array_merge(
            ...array_map(static fn (PocketSegment $s): array => array_map(static fn (PocketShot $x): int => $x->id, $s->shots), $shown->segments),
        );
        $isShown = static fn (Tap $t): bool => match (true) {
            $t->kind === TapKind::Noted => $shown->mayTap && in_array($t->subject(), $segments, true),
            $t->kind->subject() === 'shot' => in_array($t->subject(), $shots, true),
            // Without those that take back what is not shown.
            $t->kind === TapKind::Undone => false,
            default => in_array($t->subject(), $segments, true),
        };

        $ids = array_map(static fn (Tap $t): string => $t->id, array_filter($taps, $isShown));
        // What takes back a shown one is shown, and what takes that back again.
        do {
            $before = count($ids);
            foreach ($taps as $tap) {
                if ($tap->kind === TapKind::Undone && ! in_array($tap->id, $ids, true) && in_array($tap->words('of'), $ids, true)) {
                    $ids[] = $tap->id;
                }
            }
        } while (count($ids) > $before);

        return array_values(array_filter($taps, static fn (Tap $t): bool => in_array($t->id, $ids, true)));
    }

    public function slots(PocketSlots $slots): PocketSlots
    {
        $lane = $this->lane();

        return $lane === null ? new PocketSlots() : $slots->of($lane);
    }

    /** A card into or out of a body that they carry. */
    private static function isOwnCard(Tap $tap, PocketSlots $own): bool
    {
        foreach ($own->bodies as $body) {
            $isIn = in_array($tap->subject(), [$body->first?->id, $body->second?->id], true);
            if ($tap->kind === TapKind::Unload ? $isIn : $body->id === $tap->number('body')) {
                return true;
            }
        }

        return false;
    }

    /**
     * What a tap takes back in the end, through those that take back each other; null where nobody knows it, or they go in a circle.
     *
     * @param  list<Tap>  $known
     */
    private static function first(Tap $tap, array $known): ?Tap
    {
        $byId = array_column(array_map(static fn (Tap $t): array => [$t->id, $t], $known), 1, 0);
        $seen = [];
        while ($tap instanceof Tap && $tap->kind === TapKind::Undone && ! isset($seen[$tap->id])) {
            $seen[$tap->id] = true;
            $tap = $byId[$tap->words('of')] ?? null;
        }

        return $tap?->kind === TapKind::Undone ? null : $tap;
    }

    private function audience(): Audience
    {
        return match ($this) {
            self::Coordinator => Audience::Coordinator,
            self::Assistant => Audience::Assistant,
            self::Second => Audience::Second,
        };
    }

    /**
     * Whether a tap is of this job, of the day, and about something of their lane; what takes back another, where that other is.
     *
     * @param  list<Tap>  $known  of the job, so far
     */
    public function mayTap(Job $job, Tap $tap, PocketSlots $slots, array $known): bool
    {
        $lane = $this->lane();
        if ($lane === null || $tap->number('job') !== $job->id) {
            return false;
        }
        if ($tap->kind === TapKind::Load || $tap->kind === TapKind::Unload) {
            return self::isOwnCard($tap, $this->slots($slots));
        }
        if ($tap->kind === TapKind::NewCell || $tap->kind === TapKind::OldCell) {
            return in_array($tap->subject(), array_column($this->slots($slots)->bodies, 'id'), true);
        }
        if (in_array($tap->kind, [TapKind::Broke, TapKind::Mended, TapKind::Fetched], true)) {
            return $job->packing->contains(static fn (Packing $p): bool => $p->lane === $lane && $p->item_id === $tap->subject());
        }
        if (! in_array($tap->kind, TapKind::ofTheDay(), true)) {
            return false;
        }
        $own = $job->segments->filter(static fn (Segment $s): bool => in_array($lane, $s->lanes(), true));

        return match ($tap->kind->subject()) {
            'of' => ! ($first = self::first($tap, $known)) instanceof Tap || $this->mayTap($job, $first, $slots, $known),
            'day' => false,
            'segment' => $own->contains('id', $tap->subject()),
            'shot' => $own->contains(static fn (Segment $s): bool => $s->shotLines->contains('id', $tap->subject())),
            default => true,
        };
    }
}
