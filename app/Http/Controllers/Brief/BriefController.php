<?php

declare(strict_types=1);

namespace App\Http\Controllers\Brief;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\House\Readiness;
use App\Desks\Plan\PlanDesk;
use App\Http\Requests\Brief\HoursRequest;
use App\Http\Requests\Brief\JobRequest;
use App\Models\Brief\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Carbon;
use NorthSatchel\Brief\BriefText;
use NorthSatchel\Time\ClockTime;

final class BriefController
{
    public function show(int $job, BriefDesk $desk, PlanDesk $plan, Readiness $strap): View
    {
        $opened = BriefDesk::open($job)->load('people');
        $minutes = JobDay::coveredMinutes($opened);
        $day = $plan->day($opened);
        $rise = $day->sun?->sunrise();
        $set = $day->sun?->sunset();

        return view('brief.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'brief'),
            'unheld' => [...BriefText::unheld($opened->restrictions), ...BriefText::mustNots($opened->must_haves)],
            'date' => Carbon::parse($opened->date)->format('l j F Y'),
            'hours' => intdiv($minutes, 60).' h'.($minutes % 60 > 0 ? ' '.sprintf('%02d', $minutes % 60) : ''),
            'light' => $day->sun === null ? 'no coordinates' : ($rise === null || $set === null
                ? 'the sun does not rise or set'
                : "{$day->day->face($rise)} – {$day->day->face($set)}"),
        ]);
    }

    /** Longer hours, as the plan wants them. */
    public function hours(HoursRequest $request, Job $job): RedirectResponse
    {
        $before = ['covered_from' => $job->covered_from, 'covered_to' => $job->covered_to];
        $job->update(array_filter($request->validated()));

        return redirect("/jobs/{$job->id}/plan")
            ->with('said', 'Covered from '.ClockTime::shown($job->covered_from).' to '.ClockTime::shown($job->covered_to).'.')
            ->with('undo', "/jobs/{$job->id}/hours?".http_build_query($before));
    }

    public function update(JobRequest $request, Job $job, BriefDesk $desk): RedirectResponse
    {
        $before = $job->people()->pluck('id')->all();
        $desk->save($request->validated(), $job);
        $gone = array_diff($before, $job->people()->pluck('id')->all());
        $to = redirect("/jobs/{$job->id}/brief");

        return $gone === []
            ? $to->with('said', 'The brief is kept.'.$request->townTaken().$request->sentencesTold())
            : $to
                ->with('said', 'The brief is kept; '.(count($gone) === 1 ? 'one person was' : count($gone).' people were').' taken off the list.'.
                    $request->townTaken().$request->sentencesTold())
                ->with('undo', "/jobs/{$job->id}/people/restore?ids=".implode(',', $gone));
    }
}
