<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\RosterDesk;
use App\Http\Requests\People\RosterRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Roster\CodedText;
use NorthSatchel\People\Roster\RosterJudge;
use NorthSatchel\Verdicts;

/** Who is number seven? */
final class RosterController
{
    public function show(Request $request, int $job, RosterDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $roster = $wrong = null;
        try {
            $roster = RosterDesk::read($record);
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }
        $typed = mb_substr((string) $request->query('try'), 0, 500);

        return view('people.roster', [
            'job' => $opened,
            'record' => $record,
            'roster' => $roster,
            'wrong' => $wrong,
            'typed' => $typed,
            'grown' => $roster === null || $typed === '' ? null : CodedText::of($roster, $typed),
            'verdicts' => $roster === null ? new Verdicts() : RosterJudge::of($roster),
        ]);
    }

    public function update(RosterRequest $request, int $job, RosterDesk $desk): RedirectResponse
    {
        try {
            $desk->keep($request->into($desk->of(BriefDesk::open($job))));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'This '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/roster")->with('said', 'The roster is kept.');
    }
}
