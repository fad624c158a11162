<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\House\Readiness;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\PlanImport;
use App\Desks\Plan\PlanWork;
use App\Desks\Plan\ShotDesk;
use App\Desks\Scout\ScoutDesk;
use App\Http\Requests\Plan\ClockRule;
use App\Http\Requests\Plan\SegmentRequest;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\AccessWindow;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Plan\Template\DayTemplate;
use NorthSatchel\Time\Lane;

final class PlanController
{
    public function show(Request $request, int $job, PlanDesk $desk, ShotDesk $shots, ScoutDesk $scout, Readiness $strap): View
    {
        $opened = BriefDesk::open($job);
        $days = JobDay::count($opened);
        $day = min($days - 1, max(0, $request->integer('day')));
        $list = $desk->list($opened, $day);
        $rules = $request->boolean('rules') || in_array($request->old('_form'), ['way', 'access', 'separation'], true);

        return view('plan.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'plan'),
            'day' => $day,
            'days' => array_map(
                static fn (int $n): array => ['number' => $n, 'date' => Carbon::parse(JobDay::of($opened, $n)->date)->format('D j M')],
                range(0, $days - 1),
            ),
            'rules' => $rules,
            'ways' => $rules ? $desk->ways($opened) : [],
            'sets' => $shots->sets($opened),
            'ruler' => $desk->ruler($opened, $day),
            'rulerText' => implode(
                '; ',
                array_map(static fn (array $row): string => "{$row['from']} to {$row['to']} {$row['segment']->title}", $list),
            ),
            'list' => $list,
            'spots' => $scout->spots($opened),
            'templates' => DayTemplate::cases(),
            'audiences' => Audience::cases(),
            'sheets' => $desk->sheetsOf($opened),
            'places' => Place::query()->orderBy('name')->pluck('name'),
            'edit' => (string) $request->query('edit'),
            'open' => $request->integer('open') ?: (int) session('open'),
        ]);
    }

    public function template(Request $request, int $job, PlanWork $desk): RedirectResponse
    {
        $given = $request->validate(
            [
                'template' => ['required', Rule::enum(DayTemplate::class)],
                'first_anchor' => ['required', new ClockRule()],
                'second_anchor' => ['required', new ClockRule()],
                'day' => ['nullable', 'integer', 'between:0,'.SegmentRequest::LAST_DAY],
            ],
            ['required' => 'This is needed.'],
        );
        $day = (int) ($given['day'] ?? 0);
        $desk->fillIn(
            BriefDesk::open($job),
            DayTemplate::from((string) $given['template']),
            (string) $given['first_anchor'],
            (string) $given['second_anchor'],
            $day,
        );

        return redirect("/jobs/{$job}/plan".($day > 0 ? "?day={$day}" : ''))->with(
            'said',
            'The day is laid out, backwards from what does not move. Now make it yours.',
        );
    }

    public function import(Request $request, int $job, PlanImport $import): RedirectResponse
    {
        $request->validate(
            ['file' => ['required', 'file', 'max:2048']],
            ['file.required' => 'Choose a file.', 'file.max' => 'The file is larger than 2 MB.'],
        );
        $count = $import->read(BriefDesk::open($job), (string) $request->file('file')?->get());

        return redirect("/jobs/{$job}/plan")->with('said', $count === 1 ? 'One segment is added.' : "{$count} segments are added.");
    }

    public function travel(Request $request, Job $job, PlanWork $desk): RedirectResponse
    {
        $part = ['nullable', 'integer', 'between:0,1440'];
        $way = $request->validate(
            [
                'from' => ['required', 'integer', 'exists:places,id'],
                'to' => ['required', 'integer', 'exists:places,id', 'different:from'],
                'minutes' => ['required', 'integer', 'between:0,1440'],
                'walk_minutes' => $part,
                'parking_minutes' => $part,
                'loading_minutes' => $part,
            ],
            [
                'to.different' => 'A way leads to another place.',
                'integer' => 'This must be a whole number of minutes.',
                'between' => 'From 0 to 1440 minutes.',
                'required' => 'This is needed.',
            ],
        );
        $desk->setTravel((int) $way['from'], (int) $way['to'], [
            'minutes' => (int) $way['minutes'],
            'walk_minutes' => (int) ($way['walk_minutes'] ?? 0),
            'parking_minutes' => (int) ($way['parking_minutes'] ?? 0),
            'loading_minutes' => (int) ($way['loading_minutes'] ?? 0),
        ]);

        return back()->with('said', 'The way is planned; the other way takes as long until you say otherwise.');
    }

    public function access(Request $request, int $job, PlanWork $desk): RedirectResponse
    {
        $given = $request->validate(
            [
                'pass' => ['required', 'string', 'max:80'],
                'place_id' => ['required', 'integer', 'exists:places,id'],
                'spot_id' => ['nullable', 'integer', 'exists:spots,id'],
                'lanes' => ['nullable', 'array'],
                'lanes.*' => [Rule::enum(Lane::class)],
                'day' => ['nullable', 'integer', 'between:0,'.SegmentRequest::LAST_DAY],
                'opens_clock' => ['required', new ClockRule()],
                'closes_clock' => ['required', new ClockRule()],
                'gate_minutes' => ['nullable', 'integer', 'between:0,240'],
            ],
            [
                'required' => 'This is needed.',
                'integer' => 'This must be a whole number of minutes.',
                'gate_minutes.between' => 'From 0 to 240 minutes.',
            ],
        );
        $desk->addAccess(BriefDesk::open($job), [
            ...$given,
            'day' => (int) ($given['day'] ?? 0),
            'gate_minutes' => (int) ($given['gate_minutes'] ?? 0),
            'lanes' => $given['lanes'] ?? null,
        ]);

        return redirect("/jobs/{$job}/plan?rules=1")->with('said', "{$given['pass']} is part of the plan.");
    }

    public function removeAccess(AccessWindow $window): RedirectResponse
    {
        $window->delete();

        return redirect("/jobs/{$window->job_id}/plan?rules=1")->with('said', "{$window->pass} is gone from the plan.");
    }

    public function separation(Request $request, Job $job): RedirectResponse
    {
        $given = $request->validate(
            [
                'first' => ['required', 'string', 'max:80'],
                'second' => ['required', 'string', 'max:80', 'different:first'],
                'until' => ['nullable', 'integer', Rule::exists('segments', 'id')->where('job_id', $job->id)],
            ],
            ['required' => 'This is needed.', 'different' => 'Two different people.'],
        );
        $job->update([
            'separations' => [
                ...$job->separations ?? [],
                [
                    'first' => $given['first'],
                    'second' => $given['second'],
                    'until' => isset($given['until']) ? (int) $given['until'] : null,
                ],
            ],
        ]);

        return redirect("/jobs/{$job->id}/plan?rules=1")->with(
            'said',
            "{$given['first']} and {$given['second']} are kept out of each other's sight.",
        );
    }

    public function removeSeparation(Job $job, int $index): RedirectResponse
    {
        $job->update(['separations' => array_values(array_diff_key($job->separations ?? [], [$index => true]))]);

        return redirect("/jobs/{$job->id}/plan?rules=1")->with('said', 'They may meet.');
    }
}
