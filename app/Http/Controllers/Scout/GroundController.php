<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scout;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\PostLightDesk;
use App\Desks\Scout\GroundDesk;
use App\Http\Requests\Scout\GroundRequest;
use App\Http\Requests\Scout\LayOutRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Scout\Ground\GroundKind;
use NorthSatchel\Scout\Ground\GroundPlan;

/** What is where on the ground, and what does each post give? */
final class GroundController
{
    public function show(int $job, GroundDesk $desk, PostLightDesk $light): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened->place_id);
        $ground = null;
        $wrong = null;
        try {
            $ground = $record === null ? null : GroundDesk::read($record);
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }

        return view('scout.ground', [
            'job' => $opened,
            'record' => $record,
            'ground' => $ground,
            'wrong' => $wrong,
            'plan' => $ground === null ? null : new GroundPlan($ground),
            'views' => $ground === null ? [] : $light->views($opened, $ground),
            'lightOf' => $light->lightOf($opened),
            'kinds' => GroundKind::cases(),
            'likely' => GroundKind::likely("{$opened->name} {$opened->client} {$opened->place->name}"),
        ]);
    }

    public function store(LayOutRequest $request, int $job, GroundDesk $desk): RedirectResponse
    {
        $desk->layOut(BriefDesk::open($job)->place, $request->kind(), $request->boolean('anew'));

        return redirect("/jobs/{$job}/ground")->with('said', 'It is laid out: change what is otherwise here.');
    }

    public function update(GroundRequest $request, int $job, GroundDesk $desk): RedirectResponse
    {
        $record = $desk->of(BriefDesk::open($job)->place_id) ?? abort(404);
        try {
            $desk->keep($request->into($record));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'This '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/ground")->with('said', 'The ground is kept.');
    }
}
