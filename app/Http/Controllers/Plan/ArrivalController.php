<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\ArrivalDesk;
use App\Http\Requests\Plan\ArrivalRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Arrival\Task;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** When must one be there? */
final class ArrivalController
{
    public function show(Request $request, int $job, ArrivalDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $arrival = $wrong = null;
        try {
            $arrival = ArrivalDesk::arrival($opened, $record);
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }

        $cameras = $desk->cameras($opened);
        $like = match ($request->query('like')) {
            'lights' => $desk->fromLights($opened),
            'cameras' => implode("\n", array_map(static fn (Task $t): string => $t->line(), $cameras)),
            default => '',
        };

        return view('plan.arrive', [
            'job' => $opened,
            'record' => $record,
            'hands' => ArrivalDesk::hands($opened, $record),
            'arrival' => $arrival,
            'wrong' => $wrong,
            'begins' => ArrivalDesk::begins($opened, $record),
            'isStudio' => $opened->kind->hasElements(),
            'tasks' => trim("{$record->tasks}\n{$like}"),
            'hasCameras' => $arrival?->unlisted($cameras) !== null,
            'verdicts' => $arrival?->verdicts(ClockTime::of($opened->covered_from)->minutes, $cameras) ?? new Verdicts(),
        ]);
    }

    public function update(ArrivalRequest $request, int $job, ArrivalDesk $desk): RedirectResponse
    {
        try {
            $opened = BriefDesk::open($job);
            $desk->keep($opened, $request->into($desk->of($opened)));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'This '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/arrive")->with('said', 'The list is kept.');
    }
}
