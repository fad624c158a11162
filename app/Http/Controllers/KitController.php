<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\BriefDesk;
use App\Desks\KitDesk;
use App\Desks\Strap;
use App\Models\Packing;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class KitController
{
    public function show(int $job, KitDesk $desk, Strap $strap): View
    {
        $opened = BriefDesk::open($job);

        return view('kit.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'kit'),
            'list' => $desk->list($opened),
            'atHand' => $desk->atHand($opened),
            'reach' => $desk->reach($opened),
        ]);
    }

    public function store(Request $request, int $job, KitDesk $desk): RedirectResponse
    {
        $given = $request->validate(['item' => ['required', 'integer', 'exists:items,id'], 'lane' => ['required', 'in:lead,second']]);
        $desk->add(BriefDesk::open($job), (int) $given['item'], (string) $given['lane']);

        return redirect("/jobs/{$job}/kit");
    }

    public function storeKind(Request $request, int $job, KitDesk $desk): RedirectResponse
    {
        $given = $request->validate(['kind' => ['required', 'in:card,cell'], 'count' => ['required', 'integer', 'between:1,50']]);
        $desk->addKind(BriefDesk::open($job), (string) $given['kind'], (int) $given['count']);

        return redirect("/jobs/{$job}/kit");
    }

    public function destroy(int $job, int $item): RedirectResponse
    {
        Packing::query()->where('job_id', $job)->where('item_id', $item)->delete();

        return redirect("/jobs/{$job}/kit")->with('said', 'It is off the list; the shelf still has it.');
    }
}
