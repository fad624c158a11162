<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\House\Readiness;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\PlanHistory;
use App\Desks\Plan\WhatIfDesk;
use App\Http\Requests\Plan\DelayRequest;
use App\Http\Requests\Plan\DelayRule;
use App\Http\Requests\Plan\ReplanRequest;
use App\Models\Plan\PlanChange;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Validator;
use NorthSatchel\Time\Span;

/** What if we run late, and how likely is the day to hold? */
final class WhatIfController
{
    private const LATE = [10, 20, 40];

    public function show(Request $request, int $job, WhatIfDesk $desk, PlanDesk $plan, Readiness $strap): View
    {
        $opened = BriefDesk::open($job);
        $minutes = max(0, min(600, $request->integer('late') ?: self::LATE[1]));
        $segments = $opened->segments->sortBy([['day', 'asc'], ['lane', 'asc'], ['start_clock', 'asc']])->values();
        $segment = $segments->firstWhere('id', $request->integer('segment')) ?? $segments->first();
        $day = $segment->day ?? 0;
        $late = $segment === null ? null : $desk->late($opened, $segment->id, $minutes);

        $typed = trim((string) $request->query('hours'));
        $wrong = $typed === '' ? null : Validator::make(['hours' => $typed], ['hours' => [new DelayRule()]])->errors()->first('hours');
        $delayed = $typed === '' || $wrong !== '' ? null : $desk->delayed($opened, $day, Span::ofHours($typed));

        return view('plan.what-if', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'plan'),
            'segments' => $segments,
            'segment' => $segment,
            'minutes' => $minutes,
            'choices' => self::LATE,
            'late' => $late,
            'day' => $day,
            'days' => JobDay::count($opened),
            'today' => $plan->ruler($opened, $day),
            'then' => $late !== null && $late->isFeasible() ? $plan->ruler($opened, $day, $late->changed()) : null,
            'hours' => $typed,
            'wrongHours' => $wrong,
            'delayed' => $delayed === null ? null : $plan->ruler($opened, $day, $delayed),
            'delayGives' => $delayed === null ? null : $desk->ofDelay($opened, $day, $delayed, Span::ofHours($typed)),
            'delayedVerdicts' => $delayed === null ? null : $desk->verdictsOn($opened, $day, $delayed),
            'change' => $desk->lastChange($opened),
        ]);
    }

    public function apply(ReplanRequest $request, int $job, WhatIfDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $late = $desk->late($opened, (int) $given['segment'], (int) $given['late']) ?? abort(404);
        $change = $desk->apply($opened, $late);

        return redirect("/jobs/{$job}/plan")
            ->with('said', 'The re-plan is the plan now.')
            ->with('undo', "/plan-changes/{$change->id}/undo");
    }

    public function delay(DelayRequest $request, int $job, WhatIfDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $change = $desk->applyDelay(BriefDesk::open($job), (int) ($given['day'] ?? 0), Span::ofHours((string) $given['hours']));

        return redirect("/jobs/{$job}/plan")
            ->with('said', 'Everything outdoors is later now.')
            ->with('undo', "/plan-changes/{$change->id}/undo");
    }

    public function undo(PlanChange $change): RedirectResponse
    {
        if ($change->undone_at === null) {
            PlanHistory::backTo($change);
        }

        return redirect()->back(fallback: "/jobs/{$change->job_id}/plan")->with('said', 'It is as it was before.');
    }

    public function rehearse(Request $request, int $job, WhatIfDesk $desk, Readiness $strap): View
    {
        $opened = BriefDesk::open($job);
        $day = min(JobDay::count($opened) - 1, max(0, $request->integer('day')));
        $lanes = $opened->segments->where('day', $day)->pluck('lane')->unique()->values();
        $lane = $lanes->contains((string) $request->query('lane')) ? (string) $request->query('lane') : $lanes->first() ?? 'lead';
        $rehearsal = $desk->rehearsal($opened, $day, $lane);

        return view('plan.rehearse', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'plan'),
            'day' => $day,
            'days' => JobDay::count($opened),
            'lanes' => $lanes,
            'lane' => $lane,
            'rows' => $rehearsal->rows,
            'buffer' => $rehearsal->buffer,
        ]);
    }
}
