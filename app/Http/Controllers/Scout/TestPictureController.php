<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scout;

use App\Desks\Brief\BriefDesk;
use App\Desks\Scout\TestPictureDesk;
use App\Models\Scout\Spot;
use App\Models\Scout\TestPicture;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** How high is it, and where does it stand? */
final class TestPictureController
{
    public function store(Request $request, int $job, Spot $spot, TestPictureDesk $desk): RedirectResponse
    {
        $request->validate(
            ['picture' => ['required', 'file', 'max:40000']],
            [
                'picture.required' => 'Choose a picture.',
                'picture.max' => 'The picture is larger than 40 MB.',
                'picture.uploaded' => 'The picture did not arrive whole.',
            ],
        );
        $file = $request->file('picture');
        $picture = $desk->add(
            BriefDesk::open($job),
            $spot->load('place'),
            (string) $file?->getClientOriginalName(),
            (string) $file?->get(),
        );

        return redirect("/jobs/{$job}/pictures/{$picture->id}");
    }

    public function show(int $job, TestPicture $picture, TestPictureDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $picture->load('spot.place', 'spot.pictures');

        return view('scout.picture', [
            'job' => $opened,
            'picture' => $picture,
            'spot' => $picture->spot,
            'verdicts' => $desk->verdicts($opened, $picture->spot),
        ]);
    }

    public function file(TestPicture $picture, TestPictureDesk $desk): BinaryFileResponse
    {
        return response()->file($desk->path($picture), ['Content-Type' => 'image/jpeg']);
    }

    public function measure(Request $request, int $job, TestPicture $picture, TestPictureDesk $desk): RedirectResponse
    {
        $share = ['nullable', 'numeric', 'between:0,1'];
        $given = $request->validate(
            [
                'foot_x' => ['required', ...$share],
                'foot_y' => ['required', ...$share],
                'top_x' => ['required', ...$share],
                'top_y' => ['required', ...$share],
                'edge_x' => $share,
                'edge_y' => $share,
                'eye_m' => ['required', 'numeric', 'between:0.1,10'],
                'distance_m' => ['nullable', 'numeric', 'gt:0', 'max:20000'],
                'name' => ['required_if:keep,thing', 'nullable', 'string', 'max:60'],
                'keep' => ['required', 'in:no,thing,skyline'],
            ],
            [
                'foot_x.required' => 'Tap the foot of the thing in the picture.',
                'top_x.required' => 'Tap its top.',
                'numeric' => 'This must be a number.',
                'gt' => 'This must be above 0.',
                'name.required_if' => 'Name the thing.',
                'between' => 'The camera is held between 0.1 and 10 m up.',
            ],
        );
        $picture->load('spot');
        $taps = [
            'foot' => ['x' => (float) $given['foot_x'], 'y' => (float) $given['foot_y']],
            'top' => ['x' => (float) $given['top_x'], 'y' => (float) $given['top_y']],
            'edge' => isset($given['edge_x'], $given['edge_y']) ? ['x' => (float) $given['edge_x'], 'y' => (float) $given['edge_y']] : null,
        ];
        $measured = $desk->measure(
            $picture,
            $taps,
            (float) $given['eye_m'],
            isset($given['distance_m']) ? (float) $given['distance_m'] : null,
        );
        if ($given['keep'] === 'no') {
            return back()->withInput()->with('measured', $measured);
        }
        $given['keep'] === 'thing'
            ? $desk->keepThing($picture, $measured, (string) $given['name'])
            : $desk->keepSkyline($picture, $measured);

        return redirect("/jobs/{$job}/scout?spot={$picture->spot_id}")->with(
            'said',
            $given['keep'] === 'thing' ? "{$given['name']} stands on the drawing." : 'The skyline has another point.',
        );
    }

    public function takePlace(Request $request, int $job): RedirectResponse
    {
        $given = $request->validate([
            'spot' => ['required', 'integer', 'exists:spots,id'],
            'latitude' => ['required', 'numeric', 'between:-90,90'],
            'longitude' => ['required', 'numeric', 'between:-180,180'],
        ]);
        Spot::query()
            ->findOrFail((int) $given['spot'])
            ->update(['latitude' => (float) $given['latitude'], 'longitude' => (float) $given['longitude']]);

        return redirect("/jobs/{$job}/scout?spot={$given['spot']}")->with('said', 'The spot stands where the picture was taken.');
    }
}
