<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Scout\ScoutDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment as StoredSegment;
use Illuminate\Support\Facades\Cache;
use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\TriedRemedies;
use NorthSatchel\Remedy;
use NorthSatchel\Scout\PlaceJudge;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What the light will do at the spots while their segments are there. */
final class SpotLightDesk
{
    private const KEPT_S = 86400;

    public function __construct(private readonly PlanDesk $plan, private readonly ScoutDesk $scout) {}

    /** @param  (\Closure(PlannedDay, int): Verdicts)|null  $elsewhere  what others say of a day that is planned otherwise */
    public function verdicts(Job $job, ?\Closure $elsewhere = null): Verdicts
    {
        $verdicts = new Verdicts();
        for ($day = 0; $day < JobDay::count($job); $day++) {
            $planned = $this->plan->day($job, $day);
            $judge = fn (PlannedDay $tried): Verdicts => $this->verdictsOn($job, $tried)->with($this->plan->verdictsOf($job, $tried, $day));
            $verdicts = $verdicts->with(TriedRemedies::of(
                $planned,
                $this->verdictsOn($job, $planned),
                $judge,
                $elsewhere === null ? null : static fn (PlannedDay $tried): Verdicts => $elsewhere($tried, $day),
            ));
        }

        $unmapped = $this->scout->places($job)->where('id', '!=', $job->place_id)->whereNull('latitude')->pluck('name');
        $places = PlaceJudge::of(array_values($unmapped->all()));

        $isOutside = static fn (StoredSegment $s): bool => SpotJudge::isOutside($s->is_outdoor, $s->title);
        if (count($verdicts) === 0 && ! $job->segments->contains($isOutside)) {
            $verdicts = SpotJudge::nothingOutdoors($job->segments->count());
        }

        return $verdicts
            ->with(new Verdicts($places === null ? [] : [$places]));
    }

    /** The light on a day that is planned otherwise. */
    public function verdictsOn(Job $job, PlannedDay $day): Verdicts
    {
        $pairs = [];
        $verdicts = $homeless = [];
        $spots = $this->scout->spots($job)->keyBy('id');
        $stored = $job->segments->keyBy('id');
        foreach ($day->segments as $segment) {
            $spot = $spots->get($segment->wants->spotId ?? 0);
            // Whose posts are chosen by the ground, their light is told there.
            $wantsSpot = $segment->setting->isOutdoor && $stored->has($segment->id) && $stored[$segment->id]->cover === null;
            if ($spot !== null) {
                $pairs[] = [ScoutDesk::spot($spot), $segment];
            } elseif ($wantsSpot && $spots->isEmpty()) {
                $homeless[] = $segment->title;
            } elseif ($wantsSpot) {
                $verdicts[] = Verdict::mind(
                    'scout.no-spot',
                    "{$segment->title} has no spot yet.",
                    'It is outdoors: choose a scouted spot, and shadows, direction and exposure are worked out for its minutes.',
                    [],
                    new Remedy('spot.choose', 'Which spot?', ['segment' => $segment->id]),
                );
            }
        }
        $none = SpotJudge::noneScouted($homeless, $job->kind->hasPosts(), $job->segments->whereNotNull('cover')->isNotEmpty());

        return new Verdicts([
            ...$this->judged($pairs, $day->day, BriefDesk::dialLimits($job)),
            ...$verdicts,
            ...$none === null ? [] : [$none],
        ]);
    }

    /**
     * The judgement walks through the minutes of a segment several times, and no page should wait for it
     * twice: each is kept for as long as its spot, its segment and the day stay the same.
     *
     * @param  list<array{Spot, Segment}>  $pairs
     * @return list<Verdict>
     */
    private function judged(array $pairs, LocalDay $day, DialLimits $limits): array
    {
        $verdicts = [];
        foreach ($pairs as [$spot, $segment]) {
            $key = 'scout-'.hash('xxh128', serialize([$spot, $segment, $day->date, $day->timezone->getName(), $limits]));
            $kept = Cache::remember($key, self::KEPT_S, static fn (): array => [...SpotJudge::of($spot, $segment, $day, $limits)]);
            $verdicts = [...$verdicts, ...$kept];
        }

        return $verdicts;
    }
}
