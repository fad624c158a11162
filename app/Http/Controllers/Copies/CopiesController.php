<?php

declare(strict_types=1);

namespace App\Http\Controllers\Copies;

use App\Desks\Brief\BriefDesk;
use App\Desks\Cards\OwnerRules;
use App\Desks\Cards\RunDesk;
use App\Desks\Copies\AuditDesk;
use App\Desks\Copies\CopiesDesk;
use App\Desks\Copies\HandoverDesk;
use App\Desks\House\Readiness;
use App\Devices\AllowedRoots;
use App\Devices\FolderNotAllowed;
use App\Http\Controllers\Cards\RunView;
use App\Http\Requests\Copies\AdoptRequest;
use App\Http\Requests\Copies\CopyRequest;
use App\Http\Requests\Copies\PlaceRequest;
use App\Http\Requests\Copies\RuleRequest;
use App\Models\Cards\AuditRuleRecord;
use App\Models\Cards\RunKind;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

final class CopiesController
{
    public function show(int $job, CopiesDesk $desk, AuditDesk $audits, HandoverDesk $handovers, Readiness $strap, RunDesk $runs): View
    {
        $runs->look($job);
        $opened = BriefDesk::open($job);

        return view('copies.show', [
            'job' => $opened,
            'verdicts' => $runs->withheld($opened, $strap->of($opened, 'copies')),
            'grid' => $desk->grid($opened),
            'destinations' => $desk->columns($opened),
            'ours' => $desk->ours(),
            'groups' => $desk->columns($opened)->countBy('kept')->all(),
            'tickets' => $handovers->last(),
            'keptWords' => FolderController::KEPT,
            'wanted' => $audits->record()->permit_copies,
            'audit' => $desk->audit($opened),
            'rule' => $audits->record(),
            'run' => RunView::of($opened, "/jobs/{$job}/copies"),
        ]);
    }

    public function store(CopyRequest $request, int $job, CopiesDesk $desk, RunDesk $runs): RedirectResponse
    {
        $given = $request->validated();
        $opened = BriefDesk::open($job);
        $isAll = (bool) ($given['all'] ?? false);
        $cards = $isAll
            ? $desk
                ->shotCards($opened)
                ->filter(static fn (Card $c): bool => app(\App\Desks\Cards\CardsDesk::class)->lifeOf($c)->isSealed)
                ->pluck('id')
                ->all()
            : array_map(intval(...), $given['cards'] ?? []);
        $destinations =
            $isAll && ($given['destinations'] ?? []) === []
                ? $desk->ours()->where('kept', '!=', 'elsewhere')->map(static fn (Destination $d): int => $d->id)->all()
                : array_map(intval(...), $given['destinations'] ?? []);
        // Only verify looks at what others wrote.
        $destinations =
            $given['kind'] === 'copy' ? array_values(array_intersect($destinations, $desk->ours()->pluck('id')->all())) : $destinations;
        $runs->start($opened, RunKind::from((string) $given['kind']), array_values($cards), array_values($destinations));

        return redirect("/jobs/{$job}/copies");
    }

    /** The work under way stops at the next file boundary or sooner; going on starts it again where it was. */
    public function pause(int $job, RunDesk $runs): RedirectResponse
    {
        $runs->askToPause(BriefDesk::open($job));

        return back();
    }

    public function goOn(int $job, RunDesk $runs): RedirectResponse
    {
        $runs->goOn(BriefDesk::open($job));

        return back();
    }

    /** The owner's rule, for all jobs. */
    public function rule(RuleRequest $request, int $job, OwnerRules $rules): RedirectResponse
    {
        $given = $request->validated();
        AuditRuleRecord::query()->create([
            ...$rules->record()->only(['permit_copies', 'more_without_twin', 'away_days', 'reads_again']),
            ...array_intersect_key(
                $given,
                array_flip([
                    'copies', 'kinds', 'elsewhere', 'again_after_days', 'permit_copies', 'more_without_twin',
                    'away_days', 'reads_again',
                ]),
            ),
            'waits_for_elsewhere' => $request->boolean('waits_for_elsewhere'),
            'looks_first' => $request->boolean('looks_first'),
            'a_year' => array_map(floatval(...), array_filter($given['a_year'] ?? [], is_numeric(...))),
        ]);

        return redirect("/jobs/{$job}/copies")->with('said', 'The rule is kept, for all jobs.');
    }

    /** Where a drive sleeps, what it is, and whose password opens it. */
    public function place(PlaceRequest $request, int $job, Destination $destination): RedirectResponse
    {
        $given = $request->validated();
        $destination->update([...$given, 'account' => $given['account'] ?? null]);

        return redirect("/jobs/{$job}/copies")->with('said', "{$destination->name} is noted.");
    }

    /** A folder that a hand or another routine copied to is looked through, and counted as a route of its own. */
    public function adopt(AdoptRequest $request, int $job, CopiesDesk $desk, RunDesk $runs): RedirectResponse
    {
        $given = $request->validated();
        try {
            $folder = AllowedRoots::now()->folder((string) $given['folder']);
        } catch (FolderNotAllowed $e) {
            throw ValidationException::withMessages(['folder' => $e->getMessage()]);
        }
        $there = Destination::query()->where('folder', $folder)->orWhere('name', $given['name'])->first();
        if ($there !== null && ($there->folder !== $folder || $there->route === Destination::OURS)) {
            throw ValidationException::withMessages([
                $there->folder === $folder ? 'folder' : 'name' => $there->folder === $folder ? 'This program itself copies to that '.
                    'folder.' : 'Another place has this name.',
            ]);
        }
        $place =
            $there ??
            Destination::query()->create([
                'name' => $given['name'],
                'folder' => $folder,
                'kept' => $given['adopt_kept'],
                'device_kind' => $given['adopt_kind'],
                'route' => $given['route'],
            ]);
        $opened = BriefDesk::open($job);
        $runs->start($opened, RunKind::Adopt, array_values($desk->shotCards($opened)->pluck('id')->all()), [$place->id]);

        return redirect("/jobs/{$job}/copies");
    }
}
