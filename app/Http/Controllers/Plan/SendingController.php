<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\SendingDesk;
use App\Http\Requests\Plan\SendingRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Sending\SendDrawing;
use NorthSatchel\Plan\Sending\SendJudge;
use NorthSatchel\Verdicts;

/** What is sent while it still goes on, in which gap? */
final class SendingController
{
    public function show(int $job, SendingDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $sending = $plan = $wrong = null;
        try {
            $sending = $desk->sending($opened, $record);
            $plan = $sending->wanted === [] || $sending->gaps === [] ? null : $sending->plan();
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }

        return view('plan.sending', [
            'job' => $opened,
            'record' => $record,
            'sending' => $sending,
            'drawing' => $sending === null || $plan === null ? null : new SendDrawing($sending, $plan),
            'plan' => $plan,
            'wrong' => $wrong,
            'lanes' => SendingDesk::lanes($opened),
            'pauses' => $desk->pauses($opened, $record->lane),
            'verdicts' => $sending === null ? new Verdicts() : SendJudge::of($sending),
        ]);
    }

    public function update(SendingRequest $request, int $job, SendingDesk $desk): RedirectResponse
    {
        try {
            $opened = BriefDesk::open($job);
            $desk->keep($opened, $request->into($desk->of($opened)));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'This '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/sending")->with('said', 'What is wanted early is kept.');
    }
}
