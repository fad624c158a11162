<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Kit\SharedKitDesk;
use App\Desks\Plan\DaysDesk;
use App\Http\Requests\Plan\ClockRule;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use NorthSatchel\Plan\Stops\Restack;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdicts;

/** Which job first, when there are several on one day? */
final class DaysController
{
    private const SET_OUT = '07:00';

    public function show(Request $request, string $date, DaysDesk $desk, SharedKitDesk $shared): View
    {
        $request->validate(self::rules(), self::words());
        $jobs = $desk->jobs($date);
        $first = $jobs->first() ?? abort(404);
        [$now, $home] = self::setOut($request);
        $round = $desk->round($jobs, $now, $home);
        $day = LocalDay::of($date, $first->place->timezone);
        $kit = $shared->kit($jobs);
        $chosen = array_map(intval(...), (array) $request->query('jobs'));
        $dates = self::dates($request);

        return view('plan.several-jobs', [
            'date' => $date,
            'said' => Carbon::parse($date)->format('l j F Y'),
            'day' => $day,
            'jobs' => $jobs,
            'round' => $round,
            'places' => Place::query()->orderBy('name')->get(),
            'home' => $home,
            'from' => ClockTime::ofMinutes($now)->text(),
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

    public function order(Request $request, string $date, DaysDesk $desk): RedirectResponse
    {
        $request->validate(self::rules(), self::words());
        [$now, $home] = self::setOut($request);
        $round = $desk->round($desk->jobs($date), $now, $home);
        if ($round === null || $round->order === []) {
            return back()->withErrors(['refused' => 'No order keeps every appointment; nothing was changed.']);
        }
        $change = $desk->apply('the order of '.$date, $round->starts);

        return redirect("/days/{$date}")
            ->with('said', 'The day goes in this order now.')
            ->with('undo', "/plan-changes/{$change->id}/undo");
    }

    public function restack(Request $request, string $date, DaysDesk $desk): RedirectResponse
    {
        $request->validate([...self::rules(), 'jobs' => ['required', 'array'], 'dates' => ['required', 'array']], self::words());
        [$now, $home] = self::setOut($request);
        $found = $desk->restack(array_map(intval(...), (array) $request->input('jobs')), self::dates($request), $now, $home);
        $starts = [];
        foreach ($found['rounds'] as $round) {
            $starts += $round->starts;
        }
        if ($starts === []) {
            return back()->withErrors(['refused' => 'None of them fits any of those days; nothing was changed.']);
        }
        $change = $desk->apply("put off from {$date}", $starts, $found['days']);

        return redirect('/')
            ->with('said', count($found['days']).' of the jobs are on other days.')
            ->with('undo', "/plan-changes/{$change->id}/undo");
    }

    /** @return array<string, list<mixed>> */
    private static function rules(): array
    {
        return [
            'from' => ['nullable', new ClockRule()],
            'home' => ['nullable', 'integer', 'exists:places,id'],
            'jobs' => ['nullable', 'array', 'max:'.Restack::MOST_JOBS],
            'jobs.*' => ['integer', Rule::exists(Job::class, 'id')],
            'dates' => ['nullable', 'array', 'max:'.Restack::MOST_DAYS],
            'dates.*' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    private static function words(): array
    {
        return [
            'jobs.required' => 'Choose the jobs that are put off.',
            'jobs.max' => 'Six jobs at most.',
            'dates.*.date_format' => 'This must be a day of the calendar.',
            'dates.required' => 'Choose at least one day.',
        ];
    }

    /** @return array{int, int|null} minutes since midnight, place */
    private static function setOut(Request $request): array
    {
        return [
            ClockTime::of($request->filled('from') ? (string) $request->input('from') : self::SET_OUT)->minutes,
            $request->filled('home') ? $request->integer('home') : null,
        ];
    }

    /** @return list<string> */
    private static function dates(Request $request): array
    {
        return array_values(array_unique(array_filter(array_map(strval(...), (array) $request->input('dates')))));
    }
}
