<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Desks\Scout\ScoutDesk;
use App\Models\Brief\Job;
use Illuminate\Support\Facades\Cache;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\TriedRemedies;
use NorthSatchel\Remedy;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What the light will do at the spots while their segments are there. */
final class SpotLightDesk
{
    private const KEPT_S = 86400;

    public function __construct(private readonly PlanDesk $plan, private readonly ScoutDesk $scout) {}

    public function verdicts(Job $job): Verdicts
    {
        $verdicts = new Verdicts();
        for ($day = 0; $day < JobDay::count($job); $day++) {
            $planned = $this->plan->day($job, $day);
            $judge = fn (PlannedDay $tried): Verdicts => $this->verdictsOn($job, $tried)->with($this->plan->verdictsOf($job, $tried, $day));
            $verdicts = $verdicts->with(TriedRemedies::of($planned, $this->verdictsOn($job, $planned), $judge));
        }

        return count($verdicts) > 0
            ? $verdicts
            : SpotJudge::nothingOutdoors($job->segments->count());
    }

    /** The light on a day that is planned otherwise. */
    public function verdictsOn(Job $job, PlannedDay $day): Verdicts
    {
        $pairs = [];
        $verdicts = [];
        $spots = $this->scout->spots($job)->keyBy('id');
        $stored = $job->segments->keyBy('id');
        foreach ($day->segments as $segment) {
            $spot = $spots->get($segment->wants->spotId ?? 0);
            if ($spot !== null) {
                $pairs[] = [ScoutDesk::spot($spot), $segment];
            } elseif ($segment->setting->isOutdoor && $stored->has($segment->id)) {
                $verdicts[] = Verdict::mind(
                    'scout.no-spot',
                    "{$segment->title} has no spot yet.",
                    'It is outdoors: choose a scouted spot, and shadows, direction and exposure are worked out for its minutes.',
                    [],
                    $spots->isEmpty() ? null : new Remedy('spot.choose', 'Which spot?', ['segment' => $segment->id]),
                );
            }
        }

        return new Verdicts([...$this->judged($pairs, $day->day), ...$verdicts]);
    }

    /**
     * The judgement walks through the minutes of a segment several times, and no page should wait for it
     * twice: it is kept for as long as the spots, the segments and the day stay the same.
     *
     * @param  list<array{Spot, Segment}>  $pairs
     * @return list<Verdict>
     */
    private function judged(array $pairs, LocalDay $day): array
    {
        if ($pairs === []) {
            return [];
        }
        $key = 'scout-'.hash('xxh128', serialize([$pairs, $day->date, $day->timezone->getName()]));

        return Cache::remember($key, self::KEPT_S, static function () use ($pairs, $day): array {
            $verdicts = [];
            foreach ($pairs as [$spot, $segment]) {
                $verdicts = [...$verdicts, ...SpotJudge::of($spot, $segment, $day)];
            }

            return $verdicts;
        });
    }
}
