<?php

declare(strict_types=1);

namespace App\Http\Controllers\Cards;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\BodyCheckDesk;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\RunDesk;
use App\Desks\Cards\SealDesk;
use App\Desks\Copies\CardsPage;
use App\Desks\Copies\PermitDesk;
use App\Desks\Copies\PermitLook;
use App\Desks\House\Readiness;
use App\Devices\FolderNotAllowed;
use App\Http\Requests\Cards\LossRequest;
use App\Models\Brief\Job;
use App\Models\Cards\RunKind;
use App\Models\Kit\Card;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Volume\UnableToRead;

final class CardsController
{
    public function show(Request $request, int $job, CardsPage $wallet, Readiness $strap, RunDesk $runs): View
    {
        $runs->look($job);
        $opened = BriefDesk::open($job);

        return view('cards.show', [
            'job' => $opened,
            'verdicts' => $runs->withheld($opened, $strap->of($opened, 'cards')),
            'isDemo' => (bool) config('satchel.demo'),
            ...$wallet->page($opened, is_int($asked = $request->session()->get('asked')) ? $asked : null),
            'run' => RunView::of($opened, "/jobs/{$job}/cards"),
        ]);
    }

    public function check(int $job, BodyCheckDesk $desk): RedirectResponse
    {
        $desk->readTestFrames(BriefDesk::open($job));

        return redirect("/jobs/{$job}/cards")->with('said', 'The test frames are read.');
    }

    public function seal(int $job, int $card, CardsDesk $desk, SealDesk $seals): RedirectResponse
    {
        $this->sealOne($seals, $this->card($desk, BriefDesk::open($job), $card));

        return redirect("/jobs/{$job}/cards");
    }

    public function sealAll(int $job, SealDesk $seals, CardsPage $wallet): RedirectResponse
    {
        $count = 0;
        foreach ($wallet->sealable(BriefDesk::open($job)) as $card) {
            $this->sealOne($seals, $card);
            $count++;
        }

        return redirect("/jobs/{$job}/cards")->with('said', $count === 1 ? 'One card is sealed.' : "{$count} cards are sealed.");
    }

    public function twin(int $job, int $card, RunDesk $runs): RedirectResponse
    {
        $runs->start(BriefDesk::open($job), RunKind::Twin, [$card]);

        return redirect("/jobs/{$job}/cards");
    }

    public function twinAll(int $job, CardsDesk $desk, RunDesk $runs): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $sealed = $desk
            ->cards($opened)
            ->filter(static fn (Card $card): bool => $desk->lifeOf($card)->isSealed && ! $desk->lifeOf($card)->isFree());
        $runs->start($opened, RunKind::Twin, array_values($sealed->pluck('id')->all()));

        return redirect("/jobs/{$job}/cards");
    }

    /** Card and copies are read again for it: at once where that is quick, in the background where it is not. */
    public function permit(
        Request $request,
        int $job,
        int $card,
        CardsDesk $desk,
        PermitDesk $permits,
        PermitLook $look,
        RunDesk $runs,
    ): RedirectResponse {
        $opened = BriefDesk::open($job);
        $chosen = $this->card($desk, $opened, $card);
        if ($look->bytesToRead($chosen) > (int) config('satchel.reads_at_once')) {
            $runs->start($opened, RunKind::Permit, [$card]);
        } else {
            $permits->ask($opened, $chosen, (string) $request->user()?->name);
        }

        return redirect("/jobs/{$job}/cards")->with('asked', $card);
    }

    public function format(int $job, int $card, CardsDesk $desk, PermitDesk $permits): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $chosen = $this->card($desk, $opened, $card);
        try {
            $said = $permits->format($opened, $chosen);
        } catch (FolderNotAllowed|UnableToRead $e) {
            throw ValidationException::withMessages(["card{$card}" => $e->getMessage()]);
        }

        return redirect("/jobs/{$job}/cards")->with('said', $said);
    }

    public function acceptLoss(LossRequest $request, int $job, int $card, CardsDesk $desk, PermitDesk $permits): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $permits->acceptLoss($opened, $this->card($desk, $opened, $card), (string) $given['path'], (string) $given['words']);

        return redirect("/jobs/{$job}/cards")->with('asked', $card);
    }

    /** The last look before a card goes into its camera to be formatted. */
    public function release(int $job, int $card, CardsDesk $desk, PermitDesk $permits): RedirectResponse
    {
        $opened = BriefDesk::open($job);
        $chosen = $this->card($desk, $opened, $card);
        $permits->release($opened, $chosen);

        return redirect("/jobs/{$job}/cards")->with(
            'said',
            "All of {$chosen->item->label} is safe at this moment. Take it out, format it in its camera, shoot nothing on it before, ".
                'and put it back into the reader.',
        );
    }

    private function card(CardsDesk $desk, Job $job, int $id): Card
    {
        return $desk->cards($job)->firstWhere('id', $id) ?? abort(404);
    }

    /** @throws ValidationException */
    private function sealOne(SealDesk $seals, Card $card): void
    {
        try {
            $seals->seal($card);
        } catch (FolderNotAllowed|UnableToRead $e) {
            throw ValidationException::withMessages(["card{$card->id}" => $e->getMessage()]);
        }
    }
}
