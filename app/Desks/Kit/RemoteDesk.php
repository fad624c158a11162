<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\JobDay;
use App\Desks\Plan\CamerasAlone;
use App\Models\Brief\Job;
use App\Models\Kit\KitAsk;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Remote\RemoteBody;
use NorthSatchel\Kit\Remote\RemotePlan;
use NorthSatchel\Kit\Remote\RemoteRounds;
use NorthSatchel\Kit\Remote\RemoteSheet;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Plan\Arrival\Task;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** The desk of a camera that stands alone: worked out from what stands in the address, and kept with what it asks of the kit. */
final readonly class RemoteDesk implements CamerasAlone
{
    private const SUN_EVERY_S = 600;

    /** Where nobody knows it: a room with its lamps on (common practice, no source). */
    private const INDOORS_EV = 7.0;

    /** What is kept of its page. */
    private const KEPT = [
        'bearing', 'alone', 'shots', 'walk', 'mounting', 'fetching', 'speed', 'away', 'pan_focal', 'pan_shutter',
    ];

    public function __construct(private NeedsDesk $needs, private LightDesk $light) {}

    /**
     * Keeps it; the kit then brings a body with its cells and cards, a clamp and a safety cable along for it.
     *
     * @throws ValidationException when it is for no segment, or cannot be worked out
     */
    public function keep(Job $job, AskedLight $asked, string $where): void
    {
        $wrong = array_intersect_key($asked->wrong, array_flip(self::KEPT));
        try {
            $plan = $wrong === [] ? $this->plan($job, $asked) : null;
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['where' => ucfirst("{$e->field} {$e->must}.")]);
        }
        if ($plan === null || $asked->segment === null) {
            throw ValidationException::withMessages($wrong !== [] ? $wrong : [
                'where' => 'It wants a segment whose place has coordinates, and a body on the list.',
            ]);
        }
        KitAsk::query()->create([
            'job_id' => $job->id,
            'segment_id' => $asked->segment->id,
            'what' => NeedWhat::Remote->value,
            'count' => 1,
            'priority' => Priority::Must->value,
            'note' => $where,
            'iso' => 100,
            'hours' => min(48.0, $plan->hoursAlone),
            'mounted' => array_intersect_key($asked->values, array_flip(self::KEPT)),
        ]);
    }

    /** @return list<KeptCamera> as the plan stands now */
    public function kept(Job $job): array
    {
        $cameras = [];
        foreach ($this->needs->asks($job)->whereNotNull('mounted') as $ask) {
            $segment = $job->segments->firstWhere('id', $ask->segment_id);
            $query = array_map(strval(...), array_intersect_key($ask->mounted ?? [], array_flip(self::KEPT)));
            $query += ['segment' => (string) $ask->segment_id, 'where' => (string) $ask->note];
            $where = $ask->note === null || $ask->note === '' ? 'The camera that stands alone' : $ask->note;
            $cameras[] = new KeptCamera(
                $ask->id,
                $where,
                $segment === null ? '' : "{$segment->start_clock} {$segment->title}",
                http_build_query($query),
                new Verdicts($segment === null
                    ? [Verdict::fix(
                        'remote.no-segment',
                        "{$where} fires in no segment any more.",
                        'The one that it was kept for is not in the plan: take it back, or keep it for another.',
                    )]
                    : $this->plan($job, $this->light->asked($job, $query))?->verdicts() ?? []),
            );
        }

        return $cameras;
    }

    /** @return list<Task> mounting each of the kept ones, with the walk there and back */
    public function tasks(Job $job): array
    {
        $tasks = [];
        foreach ($this->needs->asks($job)->whereNotNull('mounted') as $ask) {
            $minutes = 2 * ($ask->mounted['walk'] ?? 0.0) + ($ask->mounted['mounting'] ?? 0.0);
            $name = trim((string) preg_replace('/[,;\s]+/u', ' ', (string) $ask->note));
            $tasks[] = new Task($name === '' ? 'The camera that stands alone' : $name, (int) ceil($minutes));
        }

        return $tasks;
    }

    /** @return list<Verdict> what of the kept ones asks for something */
    public function findings(Job $job): array
    {
        $found = [];
        foreach ($this->kept($job) as $camera) {
            foreach ($camera->verdicts as $verdict) {
                if ($verdict->severity->isOpen()) {
                    $found[] = $verdict->code === 'remote.no-segment' ? $verdict : $verdict->headed("{$camera->where}: ");
                }
            }
        }

        return $found;
    }

    /**
     * A camera that is mounted so many hours before a segment, fires then, and is fetched when whoever does that segment comes to it; null
     * where the place is not known.
     *
     * @throws ImpossibleValue
     */
    public function plan(Job $job, AskedLight $asked): ?RemotePlan
    {
        $segment = $asked->segment;
        $stored = $segment === null ? null : $job->segments->firstWhere('id', $segment->id);
        $place = $stored?->place;
        $point = $place === null ? null : JobDay::pointOf($place);
        $body = $this->light->bodyOf($job);
        if ($segment === null || $point === null || $body === null) {
            return null;
        }
        $v = $asked->values;
        $cards = array_map(
            static fn (Gear $g): float => $g->number('capacity_gb') ?? 0.0,
            array_values(array_filter($this->needs->bag($job), static fn (Gear $g): bool => $g->kind === GearKind::Card)),
        );

        $mountedAt = $segment->from - (int) round(3600 * max(0.0, $v['alone']));
        $rounds = new RemoteRounds(
            $this->needs->stretches($job),
            $segment->lanes[0] ?? Lane::Lead->value,
            $mountedAt,
            $segment->from,
            $segment->to,
            $v['walk'],
            $v['mounting'],
            $v['fetching'],
            JobDay::of($job),
        );

        return new RemotePlan(
            Sun::at($point, $mountedAt),
            Sun::at($point, $segment->from),
            $v['bearing'],
            $rounds->hoursAlone(),
            (int) max(0.0, $v['shots']),
            new RemoteBody(
                rawMb: $body->number('raw_mb') ?? 50.0,
                jpegMb: $body->number('jpeg_mb') ?? 0.0,
                framesPerCharge: $body->number('frames_per_charge') ?? 500.0,
                standbyHours: $body->number('standby_hours_per_charge') ?? 40.0,
                cardGb: $cards === [] ? 128.0 : max($cards),
            ),
            $job->temperature_c,
            rounds: $rounds,
            lampsEv: $stored->is_outdoor ?? true ? null : ($segment->ev100 ?? self::INDOORS_EV),
            firing: array_map(
                static fn (int $at): SunPosition => Sun::at($point, $at),
                self::moments($segment->from, $segment->to),
            ),
        );
    }

    /** @return list<int> a step apart, the end among them */
    private static function moments(int $from, int $to): array
    {
        $moments = [];
        for ($at = $from; $at < $to; $at += self::SUN_EVERY_S) {
            $moments[] = $at;
        }

        return [...$moments, $to];
    }

    /**
     * What goes with that camera; null where it cannot be worked out.
     *
     * @throws ImpossibleValue
     */
    public function sheet(Job $job, AskedLight $asked): ?RemoteSheet
    {
        $plan = $this->plan($job, $asked);
        $v = $asked->values;
        $rest = $this->light->motionAndRoom($v, $this->light->pixelUm($job));

        return $plan?->rounds === null
            ? null
            : new RemoteSheet($plan, $plan->rounds, $v['bearing'], $rest->freeze, $rest->blur, $v['pan_shutter'],
                "{$v['speed']} m/s, {$v['away']} m off, {$v['pan_focal']} mm");
    }
}
