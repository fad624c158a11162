<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Plan\Segment;
use NorthSatchel\JobKind;
use NorthSatchel\Plan\Viewpoint\SceneCount;
use NorthSatchel\Plan\Viewpoint\ShotView;
use NorthSatchel\Time\Span;

/** A segment as the plan lists it, with the times that follow from its neighbours. */
final readonly class PlanRow
{
    /**
     * @param  int|null  $slack  minutes; null where nothing follows
     * @param  string|null  $leaveAt  time of day at which to go on from here
     * @param  string|null  $leaveBy  the last at which nothing is lost
     * @param  list<PlannedLine>  $shots
     */
    public function __construct(
        public Segment $segment,
        public string $from,
        public string $to,
        public ?int $slack,
        public ?string $leaveAt,
        public ?string $leaveBy,
        public array $shots,
        private JobKind $kind,
    ) {}

    public function shotMinutes(): int
    {
        return array_sum(array_map(static fn (PlannedLine $shot): int => $shot->isDone ? 0 : $shot->line->minutes, $this->shots));
    }

    /** What its shots make up together, as far as their distances are said. */
    public function sceneWords(): string
    {
        return SceneCount::of(
            array_map(static fn (PlannedLine $shot): ShotView => ShotJudgement::view($shot->line, ''), $this->shots),
        )->words();
    }

    /** @return list<string> what is said of it in a line: who, where, in which light, with whom */
    public function facts(): array
    {
        $s = $this->segment;

        return array_values(
            array_filter([
                implode(' and ', $s->lanes()),
                (string) $s->ownPlace()?->name,
                $s->is_outdoor ? 'outdoors' : '',
                $s->light === 'any' ? '' : $s->light,
                $s->people ? 'with '.implode(', ', $s->people) : '',
                $s->is_anchor ? 'does not move' : '',
            ]),
        );
    }

    /** @return list<string> its minutes, frames, slack, and when to leave */
    public function figures(): array
    {
        $s = $this->segment;
        $usual = SegmentReader::usualFrames($s, $this->kind);
        $frames = (int) $s->shotLines->sum('frames') + $usual;
        $frames = $usual > 0 ? "about {$frames}" : (string) $frames;
        $latest = $this->leaveBy === null || $this->leaveBy === $this->leaveAt ? '' : ", by {$this->leaveBy} at the latest";

        return array_values(
            array_filter([
                "{$s->minutes} min".($s->setup_minutes > 0 ? " after {$s->setup_minutes} of setting up" : '').", {$frames} frames",
                $this->slack === null ? '' : Span::hours($this->slack).' of slack',
                $this->leaveAt === null ? '' : "leave at {$this->leaveAt}{$latest}",
                $s->hidden_from ? 'hidden from '.implode(', ', $s->hidden_from) : '',
            ]),
        );
    }
}
