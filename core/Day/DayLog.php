<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;

/**
 * What the taps of a day come to, whatever their order: where each segment stands, what is ticked, how much longer things take, what
 * was noted and which way out was taken. The rules are those of the lane live; the phone has the same ones.
 */
final readonly class DayLog
{
    public EventLog $log;

    public LaneStates $states;

    /** @var array<int, int> by segment, minutes that were said to come on top */
    public array $longer;

    /** @var list<int> shots, in the order of their ids */
    public array $ticked;

    /** @var array<int, float> by shot, when it was ticked, Unix seconds */
    public array $tickedAt;

    /** @var list<Tap> */
    public array $notes;

    /** @var list<Tap> that change the plan: ways out that were taken, delays, plans B */
    public array $rearranged;

    /**
     * @param  list<Tap>  $taps  of that day
     * @param  float  $now  Unix seconds
     * @param  list<int>  $segments  that are planned
     * @param  list<int>  $shots  of them
     */
    public function __construct(array $taps, float $now, array $segments, array $shots)
    {
        $byId = $events = [];
        foreach ($taps as $tap) {
            if (in_array($tap->kind, TapKind::ofTheDay(), true)) {
                $events[] = $event = self::event($tap);
                $byId["{$tap->id} {$event->written}"] = $tap;
            }
        }
        $ids = array_map(strval(...), $segments);
        $this->log = new EventLog($events, $now, ['day', ...$ids, ...array_map(static fn (int $id): string => "shot {$id}", $shots)]);
        $this->states = new LaneStates($ids, $this->log->counted);
        $longer = $ticked = $notes = $rearranged = [];
        foreach ($this->log->counted as $event) {
            $tap = $byId["{$event->id} {$event->written}"];
            match ($tap->kind) {
                TapKind::Longer => ($longer[$tap->subject()] = ($longer[$tap->subject()] ?? 0) + ($tap->number('minutes') ?? 0)),
                TapKind::Ticked, TapKind::Unticked => ($ticked[$tap->subject()] = $tap->kind === TapKind::Ticked ? $tap->at : null),
                TapKind::Noted => ($notes[] = $tap),
                TapKind::Rearranged, TapKind::Delayed, TapKind::Sheltered => ($rearranged[] = $tap),
                default => null,
            };
        }
        $this->longer = $longer;
        $this->tickedAt = array_filter($ticked, static fn (?float $at): bool => $at !== null);
        $done = array_keys($this->tickedAt);
        sort($done);
        $this->ticked = $done;
        $this->notes = $notes;
        $this->rearranged = $rearranged;
    }

    private static function event(Tap $tap): LiveEvent
    {
        $of = $tap->kind === TapKind::Undone ? $tap->words('of') : null;
        $about = match (true) {
            $of !== null => null,
            $tap->kind->subject() === 'shot' => "shot {$tap->subject()}",
            $tap->kind->subject() === 'day' => 'day',
            default => (string) $tap->subject(),
        };

        return new LiveEvent($tap->id, $tap->kind, $tap->at, $about, $of, json_encode([$tap->kind->value, $tap->on], JSON_THROW_ON_ERROR));
    }
}
