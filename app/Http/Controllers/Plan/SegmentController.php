<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PlanWork;
use App\Desks\Plan\SpotChoiceDesk;
use App\Http\Requests\Plan\LengthRequest;
use App\Http\Requests\Plan\LightRequest;
use App\Http\Requests\Plan\MealRequest;
use App\Http\Requests\Plan\MoveSegmentsRequest;
use App\Http\Requests\Plan\SegmentRequest;
use App\Http\Requests\Plan\SegmentSpotRequest;
use App\Http\Requests\Plan\ShiftRequest;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Scout\Spot;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Priority;
use NorthSatchel\Time\Span;

final class SegmentController
{
    public function store(SegmentRequest $request, Job $job, PlanWork $desk): RedirectResponse
    {
        $job->load('place');
        $segment = $desk->saveSegment($job, $request->fields($job));

        return redirect(self::planOf($segment))->with('open', $segment->id);
    }

    public function update(SegmentRequest $request, Segment $segment, PlanWork $desk): RedirectResponse
    {
        $segment->load('job.place');
        $desk->saveSegment($segment->job, $request->fields($segment->job), $segment);

        return redirect(self::planOf($segment));
    }

    public function shift(ShiftRequest $request, Segment $segment, PlanWork $desk): RedirectResponse
    {
        $by = $request->validated();
        $segment->load('job.place');
        $desk->shift($segment->job, $segment, (int) $by['minutes']);

        $to = redirect(self::planOf($segment));

        // Pressed on another page it is said, with its way back.
        return $request->boolean('say')
            ? $to->with('said', "{$segment->refresh()->title} starts at ".ClockTime::shown($segment->start_clock).' now.')
            : $to;
    }

    /** To another spot, and under its roof or out from under it. */
    public function spot(SegmentSpotRequest $request, Segment $segment, SpotChoiceDesk $desk): RedirectResponse
    {
        $spot = Spot::query()->with('place')->findOrFail((int) $request->validated()['spot']);
        $desk->put($segment, $spot);

        return redirect("/jobs/{$segment->job_id}/scout?spot={$spot->id}&for={$segment->id}")
            ->with('said', "{$segment->title} is at {$spot->name} now.");
    }

    /** A meal where there is room for one. */
    public function meal(MealRequest $request, int $job): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $number = (int) round((strtotime((string) $given['date']) - strtotime($opened->date)) / 86400);
        $meal = $opened->segments()->create([
            'title' => 'Meal',
            'lane' => $given['lane'],
            'day' => max(0, $number),
            'start_clock' => $given['start_clock'],
            'minutes' => $given['minutes'],
            'priority' => Priority::Should->value,
            'is_break' => true,
        ]);

        return redirect(self::planOf($meal))->with('said', 'A meal at '.ClockTime::shown($meal->start_clock).'.');
    }

    /** Several that touch each other, by the same minutes. */
    public function move(MoveSegmentsRequest $request, int $job, PlanWork $desk): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $ids = array_map(intval(...), explode(',', (string) $given['segments']));
        $segments = $opened->segments->whereIn('id', $ids);
        abort_if($segments->isEmpty(), 404);
        DB::transaction(static function () use ($segments, $opened, $desk, $given): void {
            foreach ($segments as $segment) {
                $desk->shift($opened, $segment, (int) $given['minutes']);
            }
        });
        $by = Span::later((int) $given['minutes']);

        return redirect(self::planOf($segments->firstOrFail()))->with('said', "{$segments->count()} segments start {$by}.");
    }

    public function length(LengthRequest $request, Segment $segment): RedirectResponse
    {
        $segment->update($request->validated());

        return redirect(self::planOf($segment));
    }

    public function light(LightRequest $request, Segment $segment): RedirectResponse
    {
        $segment->update($request->validated());

        return redirect(self::planOf($segment))->with('said', "{$segment->title} is planned for this light: {$segment->light}.");
    }

    public function destroy(Segment $segment): RedirectResponse
    {
        $segment->delete();

        return redirect(self::planOf($segment))
            ->with('said', "{$segment->title} is off the plan.")
            ->with('undo', "/segments/{$segment->id}/restore");
    }

    public function restore(int $segment): RedirectResponse
    {
        $gone = Segment::onlyTrashed()->findOrFail($segment);
        $gone->restore();

        return redirect(self::planOf($gone))->with('said', "{$gone->title} is back.")->with('open', $gone->id);
    }

    /** The plan, open at the segment's day. */
    public static function planOf(Segment $segment): string
    {
        return "/jobs/{$segment->job_id}/plan".($segment->day > 0 ? "?day={$segment->day}" : '');
    }
}
