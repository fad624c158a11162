<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Kit\HousesDesk;
use App\Desks\Kit\RoomsDesk;
use App\Http\Requests\Kit\RoomsRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Verdicts;

/** Does each room fit, and when has each front the sun? */
final class RoomsController
{
    public function show(int $job, RoomsDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $turns = [];
        $wrong = null;
        try {
            $turns = $desk->turns($opened, $record);
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }

        return view('kit.rooms', [
            'job' => $opened,
            'record' => $record,
            'turns' => $turns,
            'wrong' => $wrong,
            'verdicts' => $wrong === null ? $desk->verdicts($opened) : new Verdicts(),
        ]);
    }

    /** The houses of that day in the order of the sun. */
    public function inTheOrderOfTheSun(int $job, HousesDesk $desk): RedirectResponse
    {
        $change = $desk->apply(BriefDesk::open($job));

        return redirect("/jobs/{$job}/rooms")
            ->with('said', 'The houses are in that order.')
            ->with('undo', "/plan-changes/{$change->id}/undo");
    }

    public function update(RoomsRequest $request, int $job, RoomsDesk $desk): RedirectResponse
    {
        try {
            $desk->keep(BriefDesk::open($job), $request->rooms());
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'These '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/rooms")->with('said', 'The rooms are kept.');
    }
}
