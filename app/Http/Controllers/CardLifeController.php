<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desks\BriefDesk;
use App\Desks\CardLifeDesk;
use App\Desks\CardsDesk;
use App\Desks\CopiesDesk;
use App\Desks\RunDesk;
use App\Models\Card;
use App\Models\Destination;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** What befalls a card beside being shot and copied: it is looked through, something happens to it, it is retired. */
final class CardLifeController
{
    public function look(int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);

        return view('cards.look', ['job' => $opened, 'card' => $chosen, 'life' => $cards->lifeOf($chosen), 'sample' => $desk->sample($chosen)]);
    }

    public function looked(Request $request, int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): RedirectResponse
    {
        $given = $request->validate(['words' => ['nullable', 'string', 'max:500']], ['max' => 'That is too long.']);
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        if (! $cards->lifeOf($chosen)->isSealed) {
            throw ValidationException::withMessages(['words' => "{$chosen->item->label} has not been sealed: seal it first."]);
        }
        $count = $desk->looked($opened, $chosen, (string) ($given['words'] ?? ''));

        return redirect("/jobs/{$job}/cards")->with('said', "{$count} frames of {$chosen->item->label} are noted as looked at.")->with('asked', $card);
    }

    public function incident(Request $request, int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): RedirectResponse
    {
        $given = $request->validate(['words' => ['required', 'string', 'min:4', 'max:200']], ['required' => 'This is needed: what happened.', 'min' => 'A few more words.', 'max' => 'That is too long.']);
        $opened = BriefDesk::open($job);
        $desk->incident($opened, self::card($cards, $opened, $card), (string) $given['words'], $request->boolean('is_fault'));

        return redirect("/jobs/{$job}/cards#card-{$card}");
    }

    /** One whole set made of a card and its twin, onto the drives at hand. */
    public function heal(int $job, int $card, CardsDesk $cards, CopiesDesk $copies, RunDesk $runs): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $to = $copies->ours()->where('kept', '!=', 'elsewhere')->map(static fn (Destination $d): int => $d->id)->all();
        $runs->start($opened, 'heal', [self::card($cards, $opened, $card)->id], array_values($to));

        return redirect("/jobs/{$job}/cards");
    }

    public function retire(int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        $desk->retire($opened, $chosen);

        return redirect("/jobs/{$job}/cards")->with('said', $cards->lifeOf($chosen)->isFree() ? "{$chosen->item->label} is retired: cut it up." : "{$chosen->item->label} is retired once it is empty.");
    }

    private static function card(CardsDesk $desk, Job $job, int $id): Card
    {
        return $desk->cards($job)->firstWhere('id', $id) ?? abort(404);
    }
}
