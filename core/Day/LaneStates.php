<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Taps\TapKind;

/** Where each segment stands after what counts of the taps: the last on each; what runs is done once another was started after it. */
final readonly class LaneStates
{
    /** What makes a segment stand elsewhere than before. */
    private const TURNS = [TapKind::Started, TapKind::Done, TapKind::Skipped, TapKind::Moved];

    /** @var array<string, SegmentState> by "s" and the segment's id */
    private array $byId;

    /** @var list<LiveEvent> */
    public array $starts;

    /**
     * @param  list<string>  $segments  their ids
     * @param  list<LiveEvent>  $counted  in the order of their times
     */
    public function __construct(array $segments, array $counted)
    {
        $this->starts = array_values(array_filter($counted, static fn (LiveEvent $e): bool => $e->kind === TapKind::Started));
        $last = [];
        foreach ($counted as $event) {
            if ($event->segment !== null && in_array($event->kind, self::TURNS, true)) {
                $last["s{$event->segment}"] = SegmentState::after($event->kind);
            }
        }
        $newest = $this->starts === [] ? null : $this->starts[count($this->starts) - 1]->segment;
        $byId = [];
        foreach ($segments as $id) {
            $state = $last["s{$id}"] ?? SegmentState::Waiting;
            $byId["s{$id}"] = $state === SegmentState::Running && $id !== $newest ? SegmentState::Done : $state;
        }
        $this->byId = $byId;
    }

    public function of(string $segment): SegmentState
    {
        return $this->byId["s{$segment}"] ?? SegmentState::Waiting;
    }

    /** The segment that runs; null where none does. */
    public function running(): ?string
    {
        $newest = $this->starts === [] ? null : $this->starts[count($this->starts) - 1]->segment;

        return $newest !== null && $this->of($newest) === SegmentState::Running ? $newest : null;
    }
}
