<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\House\Readiness;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\PlanHistory;
use App\Desks\Plan\PlanImport;
use App\Desks\Plan\PlanRow;
use App\Desks\Plan\PlanWork;
use App\Desks\Plan\ShotSetDesk;
use App\Desks\Plan\WaysDesk;
use App\Desks\Scout\ScoutDesk;
use App\Http\Requests\Plan\AccessRequest;
use App\Http\Requests\Plan\PlanFileRequest;
use App\Http\Requests\Plan\SeparationRequest;
use App\Http\Requests\Plan\TemplateRequest;
use App\Http\Requests\Plan\TravelRequest;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\AccessWindow;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Plan\Template\DayTemplate;

final class PlanController
{
    public function show(Request $request, int $job, PlanDesk $desk, ShotSetDesk $shots, ScoutDesk $scout, Readiness $strap, WaysDesk $ways): View
    {
        $opened = BriefDesk::open($job);
        $days = JobDay::count($opened);
        $day = min($days - 1, max(0, $request->integer('day')));
        $list = $desk->list($opened, $day);
        $rules = $request->boolean('rules') || in_array($request->old('_form'), ['way', 'access', 'separation'], true);

        return view('plan.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'plan'),
            'history' => PlanHistory::list($job),
            'day' => $day,
            'days' => array_map(
                static fn (int $n): array => ['number' => $n, 'date' => Carbon::parse(JobDay::of($opened, $n)->date)->format('D j M')],
                range(0, $days - 1),
            ),
            'rules' => $rules,
            'ways' => $rules ? $ways->ways($opened) : [],
            'sets' => $shots->sets($opened),
            'ruler' => $desk->ruler($opened, $day),
            'rulerText' => implode(
                '; ',
                array_map(static fn (PlanRow $row): string => "{$row->from} to {$row->to} {$row->segment->title}", $list),
            ),
            'list' => $list,
            'spots' => $scout->spots($opened),
            'templates' => DayTemplate::cases(),
            'usual' => DayTemplate::usual($opened->kind),
            'audiences' => Audience::cases(),
            'sheets' => $desk->sheetsOf($opened),
            'places' => Place::query()->orderBy('name')->pluck('name'),
            'edit' => (string) $request->query('edit'),
            'open' => $request->integer('open') ?: (int) session('open'),
        ]);
    }

    public function template(TemplateRequest $request, int $job, PlanWork $desk): RedirectResponse
    {
        $given = $request->validated();
        $day = (int) ($given['day'] ?? 0);
        $opened = BriefDesk::open($job);
        $template = DayTemplate::from((string) $given['template']);
        $left = $desk->fillIn(
            $opened,
            $template,
            (string) $given['first_anchor'],
            (string) $given['second_anchor'],
            $day,
            $request->boolean('beside'),
            (int) ($given['photographers'] ?? ($template->isForTwoAsARule() ? 2 : 1)) === 1,
        );
        $roof = PlanWork::roofOver($opened, $template);

        return redirect("/jobs/{$job}/plan".($day > 0 ? "?day={$day}" : ''))->with(
            'said',
            'The day is laid out, backwards from what does not move. '.
                ($left === []
                    ? 'Now make it yours.'
                    : 'Left out, for want of room in the covered hours: '.implode(', ', $left).'.').
                ($roof === null ? '' : " Taken as indoors, by the word “{$roof}”: tick outdoors where that is wrong."),
        );
    }

    public function import(PlanFileRequest $request, int $job, PlanImport $import): RedirectResponse
    {
        $imported = $import->read(BriefDesk::open($job), (string) $request->file('file')?->get());

        return redirect("/jobs/{$job}/plan")->with('said', $imported->says());
    }

    public function travel(TravelRequest $request, Job $job): RedirectResponse
    {
        $request->way()->save();

        return back()->with('said', 'The way is planned; the other way takes as long until you say otherwise.');
    }

    public function access(AccessRequest $request, int $job, PlanWork $desk): RedirectResponse
    {
        $given = $request->validated();
        $desk->addAccess(BriefDesk::open($job), [
            ...$given,
            'day' => (int) ($given['day'] ?? 0),
            'gate_minutes' => (int) ($given['gate_minutes'] ?? 0),
            'out_minutes' => (int) ($given['out_minutes'] ?? 0),
            'lanes' => $given['lanes'] ?? null,
        ]);

        return redirect("/jobs/{$job}/plan?rules=1")->with('said', "{$given['pass']} is part of the plan.");
    }

    public function removeAccess(AccessWindow $window): RedirectResponse
    {
        $window->delete();

        return redirect("/jobs/{$window->job_id}/plan?rules=1")->with('said', "{$window->pass} is gone from the plan.");
    }

    public function separation(SeparationRequest $request, Job $job): RedirectResponse
    {
        $given = $request->validated();
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
