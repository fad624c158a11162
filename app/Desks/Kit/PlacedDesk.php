<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Packing;
use Illuminate\Support\Carbon;
use NorthSatchel\Kit\Pack\LeaveCheck;
use NorthSatchel\Kit\Pack\Placement;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Time\ClockTime;

/** What was put where, and when the plan leaves that place. */
final readonly class PlacedDesk
{
    public const MARKS = ['heightCm', 'angleDeg', 'distanceCm'];

    public function __construct(private TapDesk $taps) {}

    /** @return list<Placement> in the order of time */
    public function placements(Job $job): array
    {
        $packing = $job->packing->keyBy('item_id');
        $list = [];
        foreach ($this->taps->log($job->id)->ofKind(TapKind::Placed, TapKind::Fetched) as $tap) {
            $id = $tap->subject();
            $entry = $packing->get($id);
            $marks = array_map($tap->measure(...), array_combine(self::MARKS, self::MARKS));
            $list[] = new Placement(
                $id,
                $entry instanceof Packing ? $entry->item->label : "thing {$id}",
                $tap->words('place') ?: self::lastPlace($list, $id),
                Carbon::createFromTimestamp($tap->at, $job->place->timezone)->format('H:i'),
                $tap->kind === TapKind::Fetched,
                array_filter($marks, static fn (?float $v): bool => $v !== null),
                $entry instanceof Packing ? $entry->lane : 'lead',
            );
        }

        return $list;
    }

    /** @return array<int, Placement> by thing, those still standing somewhere */
    public function standing(Job $job): array
    {
        return LeaveCheck::standing($this->placements($job));
    }

    /** @return array<string, string> by place name, when the plan leaves it for the last time */
    public function leaving(Job $job): array
    {
        $last = [];
        foreach ($job->segments as $segment) {
            $ends = 1440 * $segment->day + ClockTime::of($segment->start_clock)->minutes + $segment->minutes;
            if ($segment->place !== null) {
                // Whoever is there longest: the second may leave before the lead, or after.
                $last[$segment->place->name] = max($last[$segment->place->name] ?? 0, $ends);
            }
        }
        asort($last);

        return array_map(ClockTime::face(...), $last);
    }

    /** @param  list<Placement>  $before */
    private static function lastPlace(array $before, int $itemId): string
    {
        foreach (array_reverse($before) as $placement) {
            if ($placement->itemId === $itemId) {
                return $placement->place;
            }
        }

        return 'somewhere';
    }
}
