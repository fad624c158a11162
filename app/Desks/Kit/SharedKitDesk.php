<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Plan\DaysDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Packing;
use Illuminate\Database\Eloquent\Collection;
use NorthSatchel\Kit\Pack\DayKit;
use NorthSatchel\Kit\Pack\KitStop;
use NorthSatchel\Kit\Pack\StopThing;
use NorthSatchel\Time\ClockTime;

/** One kit for several jobs of a day. */
final class SharedKitDesk
{
    /** @var array<string, DayKit|null> by date, for this request */
    private array $kits = [];

    /** @var list<string>|null days with several jobs */
    private ?array $busy = null;

    public function __construct(private readonly DaysDesk $days) {}

    /** The kit of all jobs of a day; null where there is one job alone. */
    public function kitOn(string $date): ?DayKit
    {
        if (! array_key_exists($date, $this->kits)) {
            $this->busy ??= array_values(Job::query()->groupBy('date')->havingRaw('count(*) > 1')->pluck('date')->all());
            $this->kits[$date] = in_array($date, $this->busy, true) ? $this->kit(Job::query()->where('date', $date)->get()) : null;
        }

        return $this->kits[$date];
    }

    /**
     * The kit of a day with several jobs, stop by stop.
     *
     * @param  Collection<int, Job>  $jobs
     */
    public function kit(Collection $jobs): ?DayKit
    {
        if ($jobs->count() < 2) {
            return null;
        }
        $stops = [];
        foreach ($jobs->loadMissing('packing.item') as $job) {
            $items = $job->packing
                ->mapWithKeys(static fn (Packing $p): array => [$p->item_id => new StopThing($p->item->label, $p->item->kind)])
                ->all();
            $stops[] = new KitStop($job->id, $job->name, DaysDesk::start($job), ClockTime::of($job->covered_to)->minutes, $items);
        }
        $place = $jobs->pluck('place_id', 'id')->all();

        return new DayKit(
            $stops,
            fn (int $from, int $to): int => $place[$from] === $place[$to] ? 0 : $this->days->way((int) $place[$from], (int) $place[$to]),
        );
    }
}
