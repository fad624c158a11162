<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\Plan\SheetDesk;
use App\Http\Requests\Plan\SecrecyRequest;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use NorthSatchel\Brief\BriefText;
use NorthSatchel\Plan\Audience;

/** Sheets, calendar and table of the plan, each for one audience, and who may not read what. */
final class SheetController
{
    public function show(Request $request, int $job, string $audience, SheetDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $for = Audience::tryFrom($audience) ?? abort(404);

        return view('plan.sheet', [
            'job' => $opened,
            'sheet' => $desk->sheet($opened, $for),
            'day' => JobDay::of($opened),
            'dates' => collect(range(0, JobDay::count($opened) - 1))
                ->mapWithKeys(
                    static fn (int $n): array => [
                        JobDay::of($opened, $n)->date => Carbon::parse(JobDay::of($opened, $n)->date)->format('l j F Y'),
                    ],
                )
                ->all(),
            'paper' => $request->query('paper') === 'letter' ? 'letter' : 'a4',
            'mayReadBrief' => SheetDesk::mayReadBrief($opened, $for),
            'musts' => BriefText::mustHaves($opened->must_haves),
            'minds' => BriefText::noPictures($opened->must_haves),
        ]);
    }

    public function calendar(int $job, string $audience, SheetDesk $desk): Response
    {
        $opened = BriefDesk::open($job);

        return response($desk->calendar($opened, Audience::tryFrom($audience) ?? abort(404)), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"plan-{$audience}.ics\"",
        ]);
    }

    public function table(int $job, string $audience, SheetDesk $desk): Response
    {
        $opened = BriefDesk::open($job);

        return response($desk->table($opened, Audience::tryFrom($audience) ?? abort(404)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"plan-{$audience}.csv\"",
        ]);
    }

    public function hideSegment(SecrecyRequest $request, Segment $segment): RedirectResponse
    {
        $segment->update(['hidden_from' => $request->hiddenFrom()]);

        return redirect("/jobs/{$segment->job_id}/plan")->with('open', $segment->id);
    }

    public function hideShot(SecrecyRequest $request, ShotLine $shot): RedirectResponse
    {
        $shot->update(['hidden_from' => $request->hiddenFrom()]);

        return redirect("/jobs/{$shot->job_id}/plan")->with('open', $shot->segment_id);
    }
}
