<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scout;

use App\Desks\Brief\BriefDesk;
use App\Desks\Scout\ScoutDesk;
use App\Desks\Scout\TestPictureDesk;
use App\Http\Requests\Scout\MeasureRequest;
use App\Http\Requests\Scout\TakePlaceRequest;
use App\Http\Requests\Scout\TestPictureRequest;
use App\Models\Scout\Spot;
use App\Models\Scout\TestPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** How high is it, and where does it stand? */
final class TestPictureController
{
    public function store(TestPictureRequest $request, int $job, Spot $spot, TestPictureDesk $desk): RedirectResponse
    {
        $file = $request->file('picture');
        $picture = $desk->add(
            BriefDesk::open($job),
            $spot->load('place'),
            (string) $file?->getClientOriginalName(),
            (string) $file?->get(),
        );

        return redirect("/jobs/{$job}/pictures/{$picture->id}");
    }

    public function show(Request $request, int $job, TestPicture $picture, TestPictureDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $picture->load('spot.place', 'spot.pictures');

        return view('scout.picture', [
            'job' => $opened,
            'picture' => $picture,
            'spot' => $picture->spot,
            'measured' => $request->session()->get('measured'),
            'posts' => $opened->kind->hasPosts() ? $desk->postsAt($picture->spot) : [],
            'verdicts' => $desk->verdicts($opened, $picture->spot),
        ]);
    }

    public function file(TestPicture $picture, TestPictureDesk $desk): BinaryFileResponse
    {
        return response()->file($desk->path($picture), ['Content-Type' => 'image/jpeg']);
    }

    public function measure(MeasureRequest $request, int $job, TestPicture $picture, TestPictureDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $picture->load('spot');
        $measured = $desk->measure(
            $picture,
            $request->point('foot') ?? throw new \LogicException('The rules ask for the foot.'),
            $request->point('top') ?? throw new \LogicException('The rules ask for the top.'),
            $request->point('edge'),
            (float) $given['eye_m'],
            isset($given['distance_m']) ? (float) $given['distance_m'] : null,
        );
        if ($given['keep'] === 'no') {
            return back()->withInput()->with('measured', $measured);
        }
        if ($given['keep'] === 'zone') {
            $desk->keepZone($picture, $measured, (string) $given['post'], (string) $given['name']);

            return redirect("/jobs/{$job}/ground")->with('said', "{$given['name']} is a zone of the ground now.");
        }
        $given['keep'] === 'thing'
            ? $desk->keepThing($picture, $measured, (string) $given['name'])
            : $desk->keepSkyline($picture, $measured);

        return redirect("/jobs/{$job}/scout?spot={$picture->spot_id}")->with(
            'said',
            $given['keep'] === 'thing' ? "{$given['name']} stands on the drawing." : 'The skyline has another point.',
        );
    }

    public function takePlace(TakePlaceRequest $request, int $job): RedirectResponse
    {
        $given = $request->validated();
        $spot = Spot::query()->findOrFail((int) $given['spot']);
        $spot->update(['latitude' => (float) $given['latitude'], 'longitude' => (float) $given['longitude']]);
        ScoutDesk::locate($spot);

        return redirect("/jobs/{$job}/scout?spot={$given['spot']}")->with('said', 'The spot stands where the picture was taken.');
    }
}
