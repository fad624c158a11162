<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Drawing\MinuteMark;

/** The drawing of a team schedule: a lane a light set, time to the right. */
final readonly class TeamDrawing
{
    private const LEFT = 70.0;

    private const WIDTH = 1000.0;

    public function __construct(private TeamSchedule $schedule) {}

    /** @return list<TeamSlip> */
    public function slips(): array
    {
        return array_map(
            fn (TeamTurn $s): TeamSlip => new TeamSlip(
                x: $this->x($s->from),
                width: max(1.0, round($this->x($s->to) - $this->x($s->from) - 1, 1)),
                lane: $s->set - 1,
                team: $s->team,
                isTeam: $s->isTeam,
            ),
            $this->schedule->segments,
        );
    }

    /** @return list<MinuteMark> */
    public function minutes(): array
    {
        $step = $this->schedule->finishMinutes > 120 ? 30 : 10;

        return array_map(
            fn (int $m): MinuteMark => new MinuteMark(x: $this->x($m), minute: $m),
            range(0, intdiv((int) $this->schedule->finishMinutes, $step) * $step, $step),
        );
    }

    private function x(float $minute): float
    {
        return round(self::LEFT + ($minute / max(1.0, $this->schedule->finishMinutes)) * (self::WIDTH - self::LEFT - 10), 1);
    }
}
