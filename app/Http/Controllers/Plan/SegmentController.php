<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Plan\PlanWork;
use App\Http\Requests\Plan\LengthRequest;
use App\Http\Requests\Plan\SegmentRequest;
use App\Http\Requests\Plan\ShiftRequest;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use Illuminate\Http\RedirectResponse;

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

        return redirect(self::planOf($segment));
    }

    public function length(LengthRequest $request, Segment $segment): RedirectResponse
    {
        $segment->update($request->validated());

        return redirect(self::planOf($segment));
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
