<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Desks\Brief\BriefDesk;
use App\Desks\House\Readiness;
use App\Desks\House\TriedJob;
use App\Desks\Kit\KitAgainstPlan;
use App\Desks\Plan\ElementsDesk;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\SendingDesk;
use App\Models\Brief\Job;
use App\Models\Kit\Item;
use App\Models\Kit\Packing;
use App\Models\Plan\Segment;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment as PlannedSegment;
use NorthSatchel\Verdict;
use Tests\App\TestCase;

/** What mends the plan is tried on those who read it as it is stored, too. */
final class TriedDayTest extends TestCase
{
    /** @return list<string> */
    private function saidOf(Job $job, PlannedDay $day, int $number): array
    {
        return array_map(
            static fn (Verdict $v): string => "{$v->code} {$v->finding} {$v->because}",
            [
                ...$this->app->make(PlanDesk::class)->aroundOn($job, $day, $number),
                ...$this->app->make(KitAgainstPlan::class)->verdictsOn($job),
                ...$this->app->make(SendingDesk::class)->verdicts($job),
                ...$this->app->make(ElementsDesk::class)->verdicts($job),
            ],
        );
    }

    private static function later(PlannedDay $day, int $id, int $minutes): PlannedDay
    {
        return $day->with(array_map(
            static fn (PlannedSegment $s): PlannedSegment => $s->id === $id ? $s->at($s->startsAt + 60 * $minutes, $s->minutes + $minutes) : $s,
            $day->segments,
        ));
    }

    /** A tried day is told apart from the one that is planned, and says what will be said once it is kept. */
    public function test_what_is_said_of_a_tried_day_is_said_of_it_once_it_is_planned(): void
    {
        $this->demo();
        $changed = 0;
        foreach (Segment::query()->whereIn('job_id', [1, 3, 7])->get() as $segment) {
            $this->app->forgetScopedInstances();
            $job = BriefDesk::open($segment->job_id);
            $day = $this->app->make(PlanDesk::class)->day($job, $segment->day);
            $now = $this->saidOf($job, $day, $segment->day);
            $later = self::later($day, $segment->id, 45);
            $tried = $this->saidOf(TriedJob::of($job, $later, $segment->day), $later, $segment->day);
            $this->assertSame($now, $this->saidOf($job, $day, $segment->day), 'the plan is as it was');
            $before = $segment->only(['start_clock', 'minutes']);
            $segment->forceFill([
                'start_clock' => $day->day->clockOf(array_column($day->segments, 'startsAt', 'id')[$segment->id] + 45 * 60)->text(),
                'minutes' => $segment->minutes + 45,
            ])->save();
            $this->app->forgetScopedInstances();
            $stored = BriefDesk::open($segment->job_id);
            $read = $this->app->make(PlanDesk::class)->day($stored, $segment->day);
            $this->assertSame($this->saidOf($stored, $read, $segment->day), $tried, $segment->title);
            $changed += $tried === $now ? 0 : 1;
            $segment->forceFill($before)->save();
        }
        $this->assertGreaterThan(10, $changed);
    }

    /** What was answered before is as true as what is worked out anew; only its reasons may name another hour. */
    public function test_what_was_asked_of_the_kit_before_is_answered_as_it_would_be_anew(): void
    {
        $this->demo();
        $said = static fn (KitAgainstPlan $kit, Job $job): array => array_map(
            static fn (Verdict $v): string => "{$v->code} {$v->finding}",
            [...$kit->verdictsOn($job)],
        );
        $answers = [];
        foreach ([1, 3, 7] as $id) {
            $this->app->forgetScopedInstances();
            $job = BriefDesk::open($id);
            $before = $this->app->make(KitAgainstPlan::class);
            foreach ($job->segments as $segment) {
                $day = $this->app->make(PlanDesk::class)->day($job, $segment->day);
                foreach ([45, 120] as $minutes) {
                    $tried = TriedJob::of($job, self::later($day, $segment->id, $minutes), $segment->day);
                    $anew = $said($this->app->build(KitAgainstPlan::class), $tried);
                    $this->assertSame($anew, $said($before, $tried), "{$segment->title}, {$minutes} min later");
                    $answers[implode(' ', $anew)] = true;
                }
            }
        }
        $this->assertGreaterThan(10, count($answers), 'they differ');
    }

    public function test_what_it_costs_the_kit_is_said(): void
    {
        $this->signIn();
        $this->post('/jobs', self::brief());
        $job = Job::query()->firstOrFail();
        $job->segments()->create([
            'title' => 'Choir on the ledge', 'lane' => 'lead', 'start_clock' => '17:00', 'minutes' => 150, 'priority' => 'must',
        ]);
        $speech = $job->segments()->create([
            'title' => 'Speech by the fire', 'lane' => 'lead', 'start_clock' => '18:20', 'minutes' => 20, 'priority' => 'must', 'is_outdoor' => true,
        ]);
        $speech->shotLines()->create([
            'what' => 'Who speaks', 'priority' => 'must', 'position' => 1, 'focal_mm' => 200, 'minutes' => 5, 'frames' => 20,
        ]);
        $lens = Item::query()->create([
            'kind' => 'lens', 'label' => 'Long zoom', 'focal_min_mm' => 70, 'focal_max_mm' => 200, 'specs' => ['widest_stop' => 5.6],
        ]);
        Packing::query()->create(['job_id' => $job->id, 'item_id' => $lens->id, 'lane' => 'lead']);
        $body = Item::query()->create(['kind' => 'body', 'label' => 'Body one', 'specs' => ['raw_mb' => 30, 'frames_per_charge' => 400]]);
        Packing::query()->create(['job_id' => $job->id, 'item_id' => $body->id, 'lane' => 'lead']);
        // By then it is dark, and the zoom lets too little in.
        $cost = ' It costs: the sun is down before Speech by the fire ends';
        $this->assertStringEndsWith("{$cost}; the bag does not give 200 mm at f/2.8.", $this->overlap($job, $speech));
        $lens->forceFill(['specs' => []])->save();
        $this->assertStringEndsWith("{$cost}.", $this->overlap($job, $speech), 'that its loss would take a wider stop then is the same loss');
    }

    public function test_an_hour_that_the_brief_names_is_a_cost(): void
    {
        $this->signIn();
        $this->post('/jobs', self::brief(['must_haves' => 'Fireworks at 19:00']));
        $job = Job::query()->firstOrFail();
        $make = static fn (string $title, string $clock, int $minutes): Segment => $job->segments()->create([
            'title' => $title, 'lane' => 'lead', 'start_clock' => $clock, 'minutes' => $minutes, 'priority' => 'must',
        ]);
        $make('Choir on the ledge', '17:00', 150);
        $fireworks = $make('Fireworks', '18:50', 30);
        $this->assertStringEndsWith(
            ' It costs: “Fireworks at 19:00” is planned from 19:30 to 20:00.',
            $this->overlap($job, $fireworks, 40),
        );
    }

    private function overlap(Job $job, Segment $moved, int $minutes = 70): string
    {
        $this->app->forgetScopedInstances();
        foreach ($this->app->make(Readiness::class)->verdicts(BriefDesk::open($job->id))['plan'] as $verdict) {
            if ($verdict->code === 'plan.overlap') {
                $this->assertSame(['segment' => $moved->id, 'minutes' => $minutes], $verdict->remedy?->on);

                return $verdict->because;
            }
        }
        $this->fail('Nothing overlaps.');
    }
}
