<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Brief\Job;
use App\Models\Kit\Packing;
use App\Models\Plan\Segment;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Kit\KitLanes;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\Shelf\Gear;

/** What is done to the packing list. */
final class KitWork
{
    public function __construct(private readonly NeedsDesk $needs) {}

    public function add(Job $job, int $itemId, string $lane): void
    {
        Packing::query()->firstOrCreate(['job_id' => $job->id, 'item_id' => $itemId], ['lane' => $lane]);
    }

    /**
     * All that was proposed goes on the list; each thing with who needs it, the spares with the lead.
     *
     * @return int how many are new
     */
    public function takeAll(Job $job, KitProposal $proposal): int
    {
        $gear = array_map(static fn (array $c): Gear => $c['gear'], $proposal->chosen);
        $lanes = KitLanes::of($gear, $this->needs->stretches($job), $this->needs->work($job)->bodiesByLane($proposal->needs));
        $before = $job->packing->pluck('item_id')->all();
        foreach ($proposal->ids() as $id) {
            $this->add($job, $id, $lanes[$id] ?? 'lead');
        }

        return count(array_diff($proposal->ids(), $before));
    }

    public function planSwap(int $segmentId, string $what): void
    {
        $segment = Segment::query()->findOrFail($segmentId);
        DB::transaction(static function () use ($segment, $what): void {
            $segment->shotLines()->increment('position');
            $segment
                ->shotLines()
                ->create([
                    'job_id' => $segment->job_id,
                    'position' => 1,
                    'what' => $what,
                    'priority' => 'must',
                    'minutes' => 1,
                    'frames' => 0,
                ]);
        });
    }
}
