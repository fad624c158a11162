<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Kit\SharedKitDesk;
use App\Desks\Plan\DaysDesk;
use App\Http\RemedyRoute;
use App\Http\Requests\Plan\SeveralJobsRequest;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Carbon;
use NorthSatchel\Plan\Stops\Restack;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdicts;

/** Which job first, when there are several on one day? */
final class DaysController
{
    public function show(SeveralJobsRequest $request, string $date, DaysDesk $desk, SharedKitDesk $shared): View
    {
        $jobs = $desk->jobs($date);
        $first = $jobs->first() ?? abort(404);
        [$now, $home] = [$request->setsOutAt(), $request->home()];
        $round = $desk->round($jobs, $now, $home);
        $day = LocalDay::of($date, $first->place->timezone);
        $kit = $shared->kit($jobs);
        $chosen = array_map(intval(...), (array) $request->query('jobs'));
        $dates = $request->dates();

        return view('plan.several-jobs', [
            'date' => $date,
            'said' => Carbon::parse($date)->format('l j F Y'),
            'day' => $day,
            'jobs' => $jobs,
            'round' => $round,
            'places' => Place::query()->orderBy('name')->get(),
            'home' => $home,
            'from' => ClockTime::ofMinutes($now)->text(),
            'order' => new RemedyRoute("/days/{$date}/order", $request->only(['from', 'home'])),
            'verdicts' => new Verdicts([...iterator_to_array($desk->verdicts($day, $jobs, $round, $now)), ...$kit?->verdicts() ?? []]),
            'kit' => $kit?->rows() ?? [],
            'drawing' => $desk->drawing($day, $jobs, $round),
            'setOutBy' => $round?->slackMinutes === null ? null : $day->face($day->startsAt() + 60 * ($now + $round->slackMinutes)),
            'chosen' => $chosen,
            'dates' => $dates,
            'restack' => $chosen === [] || $dates === [] ? null : $desk->restack($chosen, $dates, $now, $home),
            'most' => Restack::MOST_DAYS,
        ]);
    }

    public function order(SeveralJobsRequest $request, string $date, DaysDesk $desk): RedirectResponse
    {
        [$now, $home] = [$request->setsOutAt(), $request->home()];
        $round = $desk->round($desk->jobs($date), $now, $home);
        if ($round === null || $round->order === []) {
            return back()->withErrors(['refused' => 'No order keeps every appointment; nothing was changed.']);
        }
        $change = $desk->apply('the order of '.$date, $round->starts);

        return redirect("/days/{$date}")
            ->with('said', 'The day goes in this order now.')
            ->with('undo', "/plan-changes/{$change->id}/undo");
    }

    public function restack(SeveralJobsRequest $request, string $date, DaysDesk $desk): RedirectResponse
    {
        [$now, $home] = [$request->setsOutAt(), $request->home()];
        $found = $desk->restack(array_map(intval(...), (array) $request->input('jobs')), $request->dates(), $now, $home);
        $starts = [];
        foreach ($found->rounds as $round) {
            $starts += $round->starts;
        }
        if ($starts === []) {
            return back()->withErrors(['refused' => 'None of them fits any of those days; nothing was changed.']);
        }
        $change = $desk->apply("put off from {$date}", $starts, $found->days);

        return redirect('/')
            ->with('said', count($found->days).' of the jobs are on other days.')
            ->with('undo', "/plan-changes/{$change->id}/undo");
    }
}
