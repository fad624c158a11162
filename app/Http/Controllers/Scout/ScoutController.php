<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scout;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\JobDay;
use App\Desks\House\Readiness;
use App\Desks\Plan\SpotChoiceDesk;
use App\Desks\Scout\ScoutDesk;
use App\Desks\Scout\TestPictureDesk;
use App\Http\Requests\Scout\ObstacleRequest;
use App\Http\Requests\Scout\SpotRequest;
use App\Http\Requests\Scout\TurnRequest;
use App\Models\Scout\Obstacle;
use App\Models\Scout\Spot;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use NorthSatchel\Verdicts;

/** Where will the light be? */
final class ScoutController
{
    public function show(
        Request $request,
        int $job,
        ScoutDesk $desk,
        Readiness $strap,
        TestPictureDesk $pictures,
        SpotChoiceDesk $choosing,
    ): View {
        $opened = BriefDesk::open($job);
        $spots = $desk->spots($opened);
        $spot = $spots->firstWhere('id', $request->integer('spot')) ?? $desk->firstToLookAt($opened);
        $spot?->load('pictures');
        $segment = $spot === null ? null : $opened->segments->firstWhere('spot_id', $spot->id);
        $day = JobDay::of($opened, $segment->day ?? 0);
        $minute = max(
            0,
            min(
                1439,
                $request->has('minute')
                    ? $request->integer('minute')
                    : self::minutesOf($segment->start_clock ?? '12:00') + intdiv($segment->minutes ?? 0, 2),
            ),
        );
        $at = $day->startsAt() + $minute * 60;
        $for = $opened->segments->firstWhere('id', $request->integer('for')) ?? $segment;
        $choices = $for === null || $request->has('minute') ? [] : $choosing->choices($opened, $for);

        return view('scout.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'scout')->with($spot === null ? new Verdicts() : $pictures->verdicts($opened, $spot)),
            'places' => $desk->places($opened),
            'spots' => $spots,
            'spot' => $spot,
            'segment' => $segment,
            'minute' => $minute,
            'face' => $day->face($at),
            'isEditing' => $request->boolean('edit'),
            'for' => $for,
            'choices' => $choices,
            'planB' => $for === null ? null : $choosing->planB($opened, $for, $choices),
            'drawing' => $spot === null ? null : $desk->drawing($day, $spot, $at),
        ]);
    }

    public function store(SpotRequest $request, int $job, ScoutDesk $desk): RedirectResponse
    {
        $fields = [...$request->validated(), 'is_indoor' => $request->boolean('is_indoor')];
        if (Spot::query()->where('place_id', $fields['place_id'])->where('name', $fields['name'])->exists()) {
            return back()
                ->withInput()
                ->withErrors(['name' => 'This place has a spot of that name already.']);
        }

        return redirect("/jobs/{$job}/scout?spot={$desk->addSpot($fields)->id}");
    }

    public function update(SpotRequest $request, int $job, Spot $spot, ScoutDesk $desk): RedirectResponse
    {
        $fields = [...$request->validated(), 'is_indoor' => $request->boolean('is_indoor')];
        if (Spot::query()->where('place_id', $fields['place_id'])->where('name', $fields['name'])->whereKeyNot($spot->id)->exists()) {
            return back()
                ->withInput()
                ->withErrors(['name' => 'This place has a spot of that name already.']);
        }
        $spot->update($fields);
        ScoutDesk::locate($spot);

        return redirect("/jobs/{$job}/scout?spot={$spot->id}")->with('said', "{$spot->name} is kept.");
    }

    public function storeObstacle(ObstacleRequest $request, int $job, Spot $spot, ScoutDesk $desk): RedirectResponse
    {
        $desk->addObstacle($spot, $request->validated());

        return redirect("/jobs/{$job}/scout?spot={$spot->id}");
    }

    public function destroyObstacle(int $job, Obstacle $obstacle): RedirectResponse
    {
        $obstacle->delete();

        return redirect("/jobs/{$job}/scout?spot={$obstacle->spot_id}")->with('said', "{$obstacle->name} is gone from the drawing.");
    }

    public function turn(TurnRequest $request, int $job): RedirectResponse
    {
        $given = $request->validated();
        Spot::query()
            ->findOrFail((int) $given['spot'])
            ->update(['facing_deg' => fmod((float) $given['facing'], 360)]);

        return redirect("/jobs/{$job}/scout?spot={$given['spot']}")->with('said', 'They are turned.');
    }

    private static function minutesOf(string $clock): int
    {
        return (int) substr($clock, 0, 2) * 60 + (int) substr($clock, 3, 2);
    }
}
