<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Taps\TapKind;

/**
 * The events of a lane that count, in the order of their corrected times. An id counts once; what lies in the future or names
 * nothing known is ignored and said; what was undone does not count, wherever the two stand, and an undone can be undone.
 */
final readonly class EventLog
{
    /** @var list<LiveEvent> that count */
    public array $counted;

    /** @var list<IgnoredTap> in the order of their times; why: future, unknown */
    public array $ignored;

    /**
     * @param  list<LiveEvent>  $events  in any order, any of them twice
     * @param  float  $now  seconds since midnight
     * @param  list<string>  $segments  that are known
     */
    public function __construct(array $events, float $now, array $segments)
    {
        $once = self::once($events);
        $known = array_flip($segments);
        $ignored = $taken = [];
        foreach ($once as $event) {
            $isKnown = $event->kind === TapKind::Undone ? isset($once["e{$event->of}"]) : isset($known[(string) $event->segment]);
            if ($event->at > $now || ! $isKnown) {
                $ignored[] = new IgnoredTap(id: $event->id, why: $event->at > $now ? 'future' : 'unknown');
            } else {
                $taken["e{$event->id}"] = $event;
            }
        }
        $counts = self::standing($taken);
        $this->ignored = $ignored;
        $this->counted = array_values(array_filter($taken, static fn (LiveEvent $e): bool => $counts["e{$e->id}"]));
    }

    /**
     * Each id once: the first by corrected time, then as it is written.
     *
     * @param  list<LiveEvent>  $events
     * @return array<string, LiveEvent> by "e" and id, in the order of time
     */
    private static function once(array $events): array
    {
        $once = [];
        foreach ($events as $event) {
            $had = $once["e{$event->id}"] ?? null;
            if ($had === null || ($event->at <=> $had->at ?: strcmp($event->written, $had->written)) < 0) {
                $once["e{$event->id}"] = $event;
            }
        }
        uasort($once, LiveEvent::order(...));

        return $once;
    }

    /**
     * Whether each event stands: unless an undone that stands takes it back. Of those that take back each other in a circle
     * none stands.
     *
     * @param  array<string, LiveEvent>  $events
     * @return array<string, bool>
     */
    private static function standing(array $events): array
    {
        $waitsFor = array_fill_keys(array_keys($events), 0);
        foreach ($events as $event) {
            if (isset($waitsFor["e{$event->of}"]) && $event->kind === TapKind::Undone) {
                $waitsFor["e{$event->of}"]++;
            }
        }
        $stands = array_fill_keys(array_keys($events), true);
        $settled = array_keys(array_filter($waitsFor, static fn (int $n): bool => $n === 0));
        for ($i = 0; $i < count($settled); $i++) {
            $event = $events[$settled[$i]];
            $of = "e{$event->of}";
            if ($event->kind === TapKind::Undone && isset($events[$of])) {
                $stands[$of] = $stands[$of] && ! $stands[$settled[$i]];
                if (--$waitsFor[$of] === 0) {
                    $settled[] = $of;
                }
            }
        }

        // What never settled lies in a circle.
        return array_merge($stands, array_fill_keys(array_diff(array_keys($events), $settled), false));
    }
}
