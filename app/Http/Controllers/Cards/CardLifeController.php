<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cards;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\CardLifeDesk;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\RunDesk;
use App\Desks\Copies\CopiesDesk;
use App\Desks\Copies\PermitDesk;
use App\Http\Requests\Cards\ClaimRequest;
use App\Http\Requests\Cards\LookRequest;
use App\Http\Requests\Cards\MishapRequest;
use App\Http\Requests\Cards\WordsRequest;
use App\Models\Brief\Job;
use App\Models\Cards\RunKind;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\Permit\PermitDrawing;

/** What befalls a card beside being shot and copied: it is looked through, something happens to it, it is retired. */
final class CardLifeController
{
    public function look(int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): View
    {
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);

        return view('cards.look', [
            'job' => $opened,
            'card' => $chosen,
            'life' => $cards->lifeOf($chosen),
            'sample' => $desk->sample($chosen),
        ]);
    }

    public function looked(LookRequest $request, int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        if (! $cards->lifeOf($chosen)->isSealed) {
            throw ValidationException::withMessages(['words' => "{$chosen->item->label} has not been sealed: seal it first."]);
        }
        $look = $desk->looked(
            $opened,
            $chosen,
            array_values($given['bad'] ?? []),
            (string) ($given['words'] ?? ''),
            ($given['result'] ?? (($given['words'] ?? '') === '' ? 'well' : 'trouble')) === 'well',
            ($given['result'] ?? '') === 'anyway',
        );
        $said = $look->isPassed()
            ? "{$look->frames} frames of {$chosen->item->label} are noted as looked at."
            : "It is noted what you saw on {$chosen->item->label}; it gets no permit as long as that stands.";

        return redirect("/jobs/{$job}/cards")
            ->with('said', $said)
            ->with('asked', $card);
    }

    public function incident(MishapRequest $request, int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $desk->incident($opened, self::card($cards, $opened, $card), (string) $given['words'], $request->boolean('is_fault'));

        return redirect("/jobs/{$job}/cards#card-{$card}");
    }

    /** Said in writing: its twin is lost. */
    public function loseTwin(WordsRequest $request, int $job, int $card, CardsDesk $cards, PermitDesk $permits): RedirectResponse
    {
        $words = (string) $request->validated()['words'];
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        $permits->loseTwin($opened, $chosen, $words);

        return redirect("/jobs/{$job}/cards#card-{$card}")->with(
            'said',
            "{$chosen->item->label} is alone from now on: its frames are judged by themselves, and one copy more is wanted.",
        );
    }

    /** Said in writing: nothing is to be rescued from it any more. */
    public function backInUse(WordsRequest $request, int $job, int $card, CardsDesk $cards, PermitDesk $permits): RedirectResponse
    {
        $words = (string) $request->validated()['words'];
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        $permits->backInUse($opened, $chosen, $words);

        return redirect("/jobs/{$job}/cards#card-{$card}")->with('said', "{$chosen->item->label} is back in use.");
    }

    /** Where every frame lies, on one page to print. */
    public function paper(Request $request, int $job, int $card, CardsDesk $cards, PermitDesk $permits): View|Response
    {
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        $fill = $request->integer('fill') ?: $cards->lifeOf($chosen)->fill;
        $record = $permits->paper($chosen->id, $fill);
        $isPresent = $cards->lifeOf($chosen)->fill === $fill;
        if ($record === null && ! $isPresent) {
            abort(404);
        }
        $now = $isPresent ? $permits->standing($chosen) : null;
        // A permit that is void is shown as what is true now; its file keeps what was true when it was given.
        $isVoid = $record !== null && $now !== null && ! $now->isGranted;
        $paper = $now !== null && ($record === null || $isVoid) ? $permits->unwritten($now) : $record->paper ?? [];
        $zone = new \DateTimeZone($opened->place->timezone);
        $at = static fn (?Carbon $moment): string => ($moment ?? now())->setTimezone($zone)->format('j M Y, H:i');
        if ($record !== null && $request->query('as') === 'file') {
            return response(
                json_encode($record->paper, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE),
                200,
                ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="permit.json"'],
            );
        }

        return view('cards.permit', [
            'job' => $opened,
            'card' => $chosen,
            'fill' => $fill,
            'paper' => $paper,
            'drawing' => PermitDrawing::of($paper),
            'isKept' => $record !== null,
            'at' => $at($isVoid ? null : $record?->at),
            'given' => $at($record?->at),
            'givenTo' => $record?->who,
            'zone' => $zone,
            'void' => $isVoid,
        ]);
    }

    /** Whose frames are on it: a person may say otherwise than the hours do. */
    public function claim(ClaimRequest $request, int $job, int $card, CardsDesk $cards): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        $cards->claim($opened, $chosen, (string) ($given['words'] ?? ''));

        return redirect("/jobs/{$job}/cards#card-{$card}")->with('said', "All frames on {$chosen->item->label} belong to {$opened->name}.");
    }

    /** One whole set made of a card and its twin, onto the drives at hand. */
    public function heal(int $job, int $card, CardsDesk $cards, CopiesDesk $copies, RunDesk $runs): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $to = $copies->ours()->where('kept', '!=', 'elsewhere')->map(static fn (Destination $d): int => $d->id)->all();
        $runs->start($opened, RunKind::Heal, [self::card($cards, $opened, $card)->id], array_values($to));

        return redirect("/jobs/{$job}/cards");
    }

    public function retire(int $job, int $card, CardsDesk $cards, CardLifeDesk $desk): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $chosen = self::card($cards, $opened, $card);
        $desk->retire($opened, $chosen);

        return redirect("/jobs/{$job}/cards")->with(
            'said',
            $cards->lifeOf($chosen)->isFree()
                ? "{$chosen->item->label} is retired: cut it up."
                : "{$chosen->item->label} is retired once it is empty.",
        );
    }

    private static function card(CardsDesk $desk, Job $job, int $id): Card
    {
        return $desk->cards($job)->firstWhere('id', $id) ?? abort(404);
    }
}
