<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\HomeDesk;
use App\Desks\Kit\PackDesk;
use App\Desks\Kit\PlacedDesk;
use App\Http\Requests\Kit\BagRequest;
use App\Http\Requests\Kit\IntoBagRequest;
use App\Http\Requests\Kit\MarksRequest;
use App\Http\Requests\Kit\PlacedRequest;
use App\Http\Requests\Kit\ScanRequest;
use App\Models\Kit\Bag;
use App\Models\Kit\Packing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use NorthSatchel\Kit\Pack\BagDrawing;
use NorthSatchel\Kit\Pack\PackedBag;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Verdicts;

/** What goes where, and is everything back? */
final class PackController
{
    public function show(int $job, PackDesk $desk, HomeDesk $home): View
    {
        $opened = BriefDesk::open($job);
        $packed = $desk->packed($opened);

        return view('kit.pack', [
            'job' => $opened,
            'bags' => array_map(
                static fn (PackedBag $b): array => ['bag' => $b, 'drawing' => new BagDrawing($b), 'weighs' => PackJudge::kg($b->grams())],
                $packed->bags,
            ),
            'loose' => $packed->loose,
            'allBags' => $desk->bags(),
            'kinds' => Bag::KINDS,
            'entries' => $desk->sorted($opened),
            'isPacked' => static fn (int $id): bool => $desk->isPacked($opened, $id),
            'verdicts' => new Verdicts($desk->verdicts($opened)),
            'lists' => $home->lists($opened),
            'home' => $home,
        ]);
    }

    public function scan(ScanRequest $request, int $job, PackDesk $desk): RedirectResponse
    {
        $text = (string) $request->validated()[
            'scan'
        ];
        $item = $desk->scan(BriefDesk::open($job), $text);

        return redirect("/jobs/{$job}/pack")->with('said', "{$item->label} is in.");
    }

    public function storeBag(BagRequest $request, int $job): RedirectResponse
    {
        $given = $request->validated();
        Bag::query()->create([
            'name' => $given['name'],
            'kind' => $given['kind'],
            'places' => $given['places'],
            'limit_g' => isset($given['limit_kg']) ? (int) round(1000 * (float) $given['limit_kg']) : null,
        ]);

        return redirect("/jobs/{$job}/pack")->with('said', "{$given['name']} is there.");
    }

    /** Things go into a bag, or out of all. */
    public function intoBag(IntoBagRequest $request, int $job): RedirectResponse
    {
        $given = $request->validated();
        Packing::query()
            ->where('job_id', $job)
            ->whereIn('item_id', $given['items'])
            ->update(['bag_id' => $given['bag'] ?? null]);

        return redirect("/jobs/{$job}/pack");
    }

    public function home(int $job, HomeDesk $desk, PackDesk $packing, PlacedDesk $placed): View
    {
        $opened = BriefDesk::open($job);

        return view('kit.home', [
            'job' => $opened,
            'verdicts' => $desk->verdicts($opened),
            'standing' => $placed->standing($opened),
            'leaving' => $placed->leaving($opened),
            'entries' => $packing->sorted($opened),
            'isHome' => static fn (int $id): bool => $packing->ticked($opened, TapKind::Home, $id),
            'places' => array_keys($placed->leaving($opened)),
        ]);
    }

    public function place(PlacedRequest $request, int $job, HomeDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $desk->place(BriefDesk::open($job), (int) $given['item'], trim((string) $given['place']), self::floats($given));

        return redirect("/jobs/{$job}/home")->with('said', 'It is noted; the place asks for it when you leave.');
    }

    /** The marks of a light that stayed, measured again. */
    public function measure(MarksRequest $request, int $job, int $item, HomeDesk $desk): RedirectResponse
    {
        $verdict = $desk->compare(BriefDesk::open($job), $item, self::floats($request->validated()));

        return redirect("/jobs/{$job}/home")->with('said', "{$verdict->finding} {$verdict->because}");
    }

    /**
     * @param  array<string, mixed>  $given
     * @return array<string, float>
     */
    private static function floats(array $given): array
    {
        return array_map(floatval(...), array_filter(array_intersect_key($given, array_flip(PlacedDesk::MARKS)), is_numeric(...)));
    }
}
