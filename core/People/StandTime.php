<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Groups in an order, with their minutes: who is in frame, who waits, who is free when. */
final readonly class StandTime
{
    /**
     * @var list<StandTurn> minutes from the start;
     * the change-over lies before
     */
    public array $groups;

    /**
     * @var array<string, array{inFrame: list<array{from: float, to: float}>, from: float, free: float, waits: float}> by name, in the
     * order in which they are free
     */
    public array $people;

    public float $totalMinutes;

    /** Weighted person-minutes. */
    public float $waiting;

    /**
     * @param  list<FamilyGroup>  $order
     * @param  bool  $isGathered  everybody stands by from the start
     */
    public function __construct(public array $order, Family $family, public bool $isGathered)
    {
        $at = 0.0;
        $groups = [];
        $people = [];
        $before = null;
        foreach ($order as $group) {
            $change = Pace::changeOver($before, $group->people, $isGathered);
            $from = $at + $change;
            $to = $from + Pace::minutes(count($group->people));
            $groups[] = new StandTurn(
                group: $group,
                from: round($from, 1),
                to: round($to, 1),
                minutes: round($to - $from, 1),
                changeOver: $change,
                frames: Pace::frames(count($group->people)),
            );
            foreach ($group->people as $name) {
                $people[$name] ??= ['inFrame' => [], 'from' => $isGathered ? 0.0 : $at, 'free' => 0.0, 'waits' => 0.0];
                $people[$name]['inFrame'][] = ['from' => round($from, 1), 'to' => round($to, 1)];
                $people[$name]['free'] = round($to, 1);
            }
            $at = $to;
            $before = $group->people;
        }
        foreach ($people as $name => $row) {
            $inFrame = array_sum(array_map(static fn (array $i): float => $i['to'] - $i['from'], $row['inFrame']));
            $people[$name]['waits'] = round(max(0.0, $row['free'] - $row['from'] - $inFrame), 1);
        }
        uasort($people, static fn (array $a, array $b): int => $a['free'] <=> $b['free']);
        $this->groups = $groups;
        $this->people = $people;
        $this->totalMinutes = round($at, 1);
        $waiting = 0.0;
        foreach ($people as $name => $row) {
            $waiting += ($family->person($name)?->weight() ?? 1) * $row['waits'];
        }
        $this->waiting = round($waiting, 1);
    }

    /** How many people walk in or out, all change-overs together. */
    public function walks(): int
    {
        return CallOrders::allWalks($this->order);
    }
}
