<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\SetupLightDesk;
use App\Http\Requests\Plan\SetupLightRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Lights\LightsDrawing;
use NorthSatchel\Plan\Lights\SetupDifference;
use NorthSatchel\Plan\Lights\SetupLight;
use NorthSatchel\Verdicts;

/** What lights each setup, and is it one light? */
final class SetupLightController
{
    public function show(Request $request, int $job, SetupLightDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $lights = [];
        $verdicts = new Verdicts();
        $wrong = null;
        try {
            $lights = SetupLightDesk::lights($record);
            $verdicts = SetupLightDesk::judge($record)->verdicts();
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }
        $called = static fn (mixed $name): ?SetupLight => array_values(
            array_filter($lights, static fn (SetupLight $l): bool => $l->setup === $name),
        )[0] ?? null;
        $light = $called($request->query('setup')) ?? $lights[0] ?? null;
        $beside = $called($request->query('beside'));
        $beside = $beside === $light ? null : $beside;

        return view('plan.setups', [
            'job' => $opened,
            'record' => $record,
            'lights' => $lights,
            'light' => $light,
            'beside' => $beside,
            'drawing' => $light === null ? null : new LightsDrawing($light, $beside),
            'difference' => $light === null || $beside === null ? null : new SetupDifference($light, $beside),
            'wrong' => $wrong,
            'verdicts' => $verdicts,
        ]);
    }

    public function update(SetupLightRequest $request, int $job, SetupLightDesk $desk): RedirectResponse
    {
        try {
            $desk->keep($request->into($desk->of(BriefDesk::open($job))));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'This '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/setups")->with('said', 'What stands where is kept.');
    }
}
