<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\BriefDesk;
use App\Desks\PlanDesk;
use App\Desks\PlanImport;
use App\Desks\ScoutDesk;
use App\Desks\Strap;
use App\Http\Requests\ClockRule;
use App\Models\Job;
use App\Models\Place;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Plan\Template\DayTemplate;

final class PlanController
{
    public function show(Request $request, int $job, PlanDesk $desk, ScoutDesk $scout, Strap $strap): View
    {
        $opened = BriefDesk::open($job);
        $ruler = $desk->ruler($opened);
        $list = $desk->list($opened);

        return view('plan.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'plan'),
            'ruler' => $ruler,
            'rulerText' => implode('; ', array_map(static fn (array $row): string => "{$row['from']} to {$row['to']} {$row['segment']->title}", $list)),
            'list' => $list,
            'spots' => $scout->spots($opened),
            'templates' => DayTemplate::cases(),
            'audiences' => Audience::cases(),
            'places' => Place::query()->orderBy('name')->pluck('name'),
            'edit' => (string) $request->query('edit'),
            'open' => $request->integer('open') ?: (int) session('open'),
        ]);
    }

    public function template(Request $request, int $job, PlanDesk $desk): RedirectResponse
    {
        $given = $request->validate([
            'template' => ['required', Rule::enum(DayTemplate::class)],
            'first_anchor' => ['required', new ClockRule],
            'second_anchor' => ['required', new ClockRule],
        ], ['required' => 'This is needed.']);
        $desk->fillIn(BriefDesk::open($job), DayTemplate::from((string) $given['template']), (string) $given['first_anchor'], (string) $given['second_anchor']);

        return redirect("/jobs/{$job}/plan")->with('said', 'The day is laid out, backwards from what does not move. Now make it yours.');
    }

    public function import(Request $request, int $job, PlanImport $import): RedirectResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:2048']], ['file.required' => 'Choose a file.', 'file.max' => 'The file is larger than 2 MB.']);
        $count = $import->read(BriefDesk::open($job), (string) $request->file('file')?->get());

        return redirect("/jobs/{$job}/plan")->with('said', $count === 1 ? 'One segment is added.' : "{$count} segments are added.");
    }

    public function travel(Request $request, Job $job, PlanDesk $desk): RedirectResponse
    {
        $way = $request->validate([
            'from' => ['required', 'integer', 'exists:places,id'],
            'to' => ['required', 'integer', 'exists:places,id', 'different:from'],
            'minutes' => ['required', 'integer', 'between:0,1440'],
        ]);
        $desk->setTravel((int) $way['from'], (int) $way['to'], (int) $way['minutes']);

        return back()->with('said', 'The way is planned, in both directions.');
    }
}
