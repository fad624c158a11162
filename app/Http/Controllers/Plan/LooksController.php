<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\LooksDesk;
use App\Http\Requests\Plan\LooksRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Looks\LooksText;
use NorthSatchel\Plan\Looks\TimeBox;
use NorthSatchel\Verdicts;

/** Do the looks fit? */
final class LooksController
{
    public function show(int $job, LooksDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $box = new TimeBox($record->look_hands);
        $turns = [];
        $verdicts = new Verdicts();
        $wrong = null;
        try {
            $turns = $box->laid($box->best(LooksText::read((string) $record->looks)));
            $verdicts = $desk->judge($opened, $record)->verdicts();
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }
        $ends = $turns === [] ? 0 : $turns[count($turns) - 1]->shotTo;

        return view('plan.looks', [
            'job' => $opened,
            'record' => $record,
            'turns' => $turns,
            'scale' => 780 / max(1, $ends, $record->look_minutes),
            'walls' => $desk->walls($opened),
            'wrong' => $wrong,
            'verdicts' => $verdicts,
        ]);
    }

    public function update(LooksRequest $request, int $job, LooksDesk $desk): RedirectResponse
    {
        try {
            $desk->keep($request->into($desk->of(BriefDesk::open($job))));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'These '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/looks")->with('said', 'The looks are kept.');
    }
}
