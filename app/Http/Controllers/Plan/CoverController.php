<?php

declare(strict_types=1);

namespace App\Http\Controllers\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Plan\CoverDesk;
use App\Desks\Plan\PostLightDesk;
use App\Http\Requests\Plan\CoverRequest;
use App\Http\Requests\Plan\PeriodsRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Posts\CoverLanes;
use NorthSatchel\Plan\Posts\PostJudge;

/** Who stands where, so that every side is covered? */
final class CoverController
{
    private const ALONE_MM = 35;

    public function show(Request $request, int $job, CoverDesk $desk, PostLightDesk $light): View|RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $record = $desk->ground($opened);
        if ($record === null) {
            return redirect("/jobs/{$job}/ground");
        }
        try {
            $cover = $desk->cover($opened, $record);
        } catch (ImpossibleValue) {
            return redirect("/jobs/{$job}/ground");
        }
        $alone = max(8, min(1200, $request->integer('alone') ?: self::ALONE_MM));

        $page = $desk->page($cover, (float) $alone);
        $days = $page?->days($cover) ?? [];

        return view('plan.cover', [
            'job' => $opened,
            'days' => $days,
            'lanes' => new CoverLanes($days),
            'verdicts' => PostJudge::of($cover, $job),
            'cover' => $cover,
            'page' => $page,
            'segments' => $desk->segments($opened),
            'withoutLens' => $desk->withoutLens($opened, $cover),
            'alone' => $alone,
            'last' => $desk->lastTime($opened),
            'suns' => $light->suns($opened),
        ]);
    }

    public function mark(PeriodsRequest $request, int $job, CoverDesk $desk): RedirectResponse
    {
        $desk->mark(BriefDesk::open($job), $request->segments());

        return redirect("/jobs/{$job}/cover")->with('said', 'The periods are marked.');
    }

    public function update(CoverRequest $request, int $job, CoverDesk $desk): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $record = $desk->ground($opened) ?? abort(404);
        $desk->choose($opened, $request->worth($desk->cover($opened, $record)->ground->zones), $request->hand());

        return redirect("/jobs/{$job}/cover")->with('said', 'Worth and posts are kept.');
    }

    public function take(int $job, CoverDesk $desk): RedirectResponse
    {
        try {
            $desk->take(BriefDesk::open($job));
        } catch (ImpossibleValue) {
            return back()->withErrors(['refused' => 'Not everybody can have a post in every period.']);
        }

        return redirect("/jobs/{$job}/cover")->with('said', 'The proven posts are taken');
    }
}
