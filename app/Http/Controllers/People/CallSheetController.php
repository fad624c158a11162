<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\People\CallDesk;
use App\Desks\People\CallSheetDesk;
use App\Http\Requests\People\CrewRequest;
use App\Http\SharedLink;
use App\Models\Brief\Job;
use App\Models\People\ShareLink;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Crew\CrewMember;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Verdicts;

/** Who comes when? The call sheet, to print and by link. */
final class CallSheetController
{
    private const KIND = 'call-sheet';

    public function show(int $job, CallSheetDesk $desk, CallDesk $links): View
    {
        $opened = BriefDesk::open($job);
        $record = $desk->of($opened);
        $verdicts = new Verdicts();
        $members = [];
        $floor = $wrong = null;
        try {
            $members = CallSheetDesk::members($record);
            $floor = CallSheetDesk::floor($record);
            $verdicts = $desk->judge($opened, $record)->verdicts()->with($floor->verdicts());
        } catch (ImpossibleValue $e) {
            $wrong = $e;
        }

        return view('people.crew', [
            'job' => $opened,
            'record' => $record,
            'members' => $members,
            'floor' => $floor,
            'needed' => $desk->needed($opened, $record),
            'links' => $links->links($opened)->filter(static fn (ShareLink $l): bool => $l->kind === self::KIND),
            'wrong' => $wrong,
            'verdicts' => $verdicts,
        ]);
    }

    public function update(CrewRequest $request, int $job, CallSheetDesk $desk): RedirectResponse
    {
        try {
            $desk->keep($request->into($desk->of(BriefDesk::open($job))));
        } catch (ImpossibleValue $e) {
            return back()->withInput()->withErrors([$e->field => 'This '.$e->must.'.']);
        }

        return redirect("/jobs/{$job}/crew")->with('said', 'The call sheet is kept.');
    }

    public function share(int $job, CallDesk $links): RedirectResponse
    {
        $token = $links->share(BriefDesk::open($job), self::KIND);

        return redirect("/jobs/{$job}/crew")->with('link', SharedLink::to("/sheet/{$token}"));
    }

    public function revoke(int $job, ShareLink $link): RedirectResponse
    {
        abort_unless($link->job_id === $job && $link->kind === self::KIND, 404);
        $link->update(['revoked_at' => now()]);

        return redirect("/jobs/{$job}/crew")->with('said', 'That link opens nothing any more.');
    }

    public function printed(Request $request, int $job, CallSheetDesk $desk): View
    {
        return $this->sheet($desk, BriefDesk::open($job), $request->query('paper') === 'letter' ? 'letter' : 'a4', false);
    }

    public function shared(string $token, CallSheetDesk $desk, CallDesk $links): View
    {
        $job = $links->jobOf($token, self::KIND);
        abort_if($job === null, 404);

        return $this->sheet($desk, BriefDesk::open($job), 'a4', true);
    }

    private function sheet(CallSheetDesk $desk, Job $job, string $paper, bool $isShared): View
    {
        $record = $desk->of($job);
        try {
            $members = CallSheetDesk::members($record);
        } catch (ImpossibleValue) {
            $members = [];
        }
        $day = JobDay::of($job);
        $point = JobDay::pointOf($job->place);
        $sun = $point === null ? null : SunDay::of($point, $day);

        return view('people.call-sheet', [
            'job' => $job,
            'record' => $record,
            'paper' => $paper,
            'isShared' => $isShared,
            'groups' => collect($members)->groupBy(static fn (CrewMember $m): string => $m->group),
            'date' => Carbon::parse($day->date)->format('l j F Y'),
            'sunrise' => $sun?->sunrise() === null ? null : $day->face($sun->sunrise()),
            'sunset' => $sun?->sunset() === null ? null : $day->face($sun->sunset()),
            'segments' => $job->segments->where('day', 0)->where('lane', 'lead')->sortBy('start_clock'),
        ]);
    }
}
