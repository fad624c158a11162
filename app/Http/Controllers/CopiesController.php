<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\BriefDesk;
use App\Desks\CopiesDesk;
use App\Desks\RunDesk;
use App\Desks\Strap;
use App\Models\Card;
use App\Models\Destination;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

final class CopiesController
{
    private const CELL_WORDS = ['none' => 'not there', 'copied' => 'copied', 'verified' => 'verified', 'failed' => 'failed'];

    public function show(int $job, CopiesDesk $desk, Strap $strap): View
    {
        $opened = BriefDesk::open($job);

        return view('copies.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'copies'),
            'grid' => $desk->grid($opened),
            'destinations' => $desk->destinations(),
            'groups' => $desk->destinations()->countBy('kept')->all(),
            'keptWords' => FolderController::KEPT,
            'cellWords' => self::CELL_WORDS,
            'wanted' => (int) config('satchel.copies_before_format'),
            'run' => RunView::of($opened, "/jobs/{$job}/copies"),
        ]);
    }

    public function store(Request $request, int $job, CopiesDesk $desk, RunDesk $runs): RedirectResponse
    {
        $given = $request->validate([
            'kind' => ['required', 'in:copy,verify'],
            'all' => ['nullable', 'boolean'],
            'cards' => ['nullable', 'array', 'max:200'],
            'cards.*' => ['integer'],
            'destinations' => ['nullable', 'array', 'max:8'],
            'destinations.*' => ['integer', 'exists:destinations,id'],
        ]);
        $opened = BriefDesk::open($job);
        $isAll = (bool) ($given['all'] ?? false);
        $cards = $isAll
            ? $desk->shotCards($opened)->filter(static fn (Card $c): bool => app(\App\Desks\CardsDesk::class)->lifeOf($c)->isSealed)->pluck('id')->all()
            : array_map(intval(...), $given['cards'] ?? []);
        $destinations = $isAll
            ? $desk->destinations()->where('kept', '!=', 'elsewhere')->map(static fn (Destination $d): int => $d->id)->all()
            : array_map(intval(...), $given['destinations'] ?? []);
        $runs->start($opened, (string) $given['kind'], array_values($cards), array_values($destinations));

        return redirect("/jobs/{$job}/copies");
    }
}
