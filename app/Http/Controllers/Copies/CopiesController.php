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
use App\Models\Cards\AuditRuleRecord;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Cards\Permit\ReadAgain;
use NorthSatchel\Copies\Audit\Blows;

final class CopiesController
{
    private const CELL_WORDS = [
        'none' => 'not there',
        'copied' => 'copied',
        'verified' => 'verified',
        'failed' => 'failed',
        'unread' => 'back, not read since',
        'told' => 'told, not read here',
        'partly' => 'not all of it',
    ];

    public function show(int $job, CopiesDesk $desk, AuditDesk $audits, HandoverDesk $handovers, Readiness $strap): View
    {
        $opened = BriefDesk::open($job);

        return view('copies.show', [
            'job' => $opened,
            'verdicts' => $strap->of($opened, 'copies'),
            'grid' => $desk->grid($opened),
            'destinations' => $desk->columns($opened),
            'ours' => $desk->ours(),
            'groups' => $desk->columns($opened)->countBy('kept')->all(),
            'tickets' => $handovers->last(),
            'keptWords' => FolderController::KEPT,
            'cellWords' => self::CELL_WORDS,
            'wanted' => $audits->record()->permit_copies,
            'audit' => $desk->audit($opened),
            'rule' => $audits->record(),
            'run' => RunView::of($opened, "/jobs/{$job}/copies"),
        ]);
    }

    public function store(Request $request, int $job, CopiesDesk $desk, RunDesk $runs): RedirectResponse
    {
        $given = $request->validate([
            'kind' => ['required', 'in:copy,verify,repair'],
            'all' => ['nullable', 'boolean'],
            'cards' => ['nullable', 'array', 'max:200'],
            'cards.*' => ['integer'],
            'destinations' => ['nullable', 'array', 'max:8'],
            'destinations.*' => ['integer', 'exists:destinations,id'],
        ]);
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
        $runs->start($opened, (string) $given['kind'], array_values($cards), array_values($destinations));

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
    public function rule(Request $request, int $job, OwnerRules $rules): RedirectResponse
    {
        $causes = array_keys(Blows::USUAL);
        $given = $request->validate(
            [
                'copies' => ['required', 'integer', 'between:1,8'],
                'kinds' => ['required', 'integer', 'between:1,4'],
                'elsewhere' => ['required', 'integer', 'min:0', 'lte:copies'],
                'again_after_days' => ['required', 'integer', 'between:1,3650'],
                'permit_copies' => ['sometimes', 'required', 'integer', 'between:1,8'],
                'more_without_twin' => ['sometimes', 'required', 'integer', 'between:0,4'],
                'away_days' => ['sometimes', 'required', 'integer', 'between:0,3650'],
                'reads_again' => ['sometimes', 'required', Rule::in(array_keys(ReadAgain::CHOICES))],
                ...array_fill_keys(array_map(static fn (string $c): string => "a_year.{$c}", $causes), [
                    'nullable',
                    'numeric',
                    'between:0,50',
                ]),
            ],
            [
                'required' => 'This is needed.',
                'integer' => 'This must be a whole number.',
                'numeric' => 'This must be a number.',
                'between' => 'This must lie between :min and :max.',
                'lte' => 'No more than the copies.',
            ],
        );
        AuditRuleRecord::query()->create([
            ...$rules->record()->only(['permit_copies', 'more_without_twin', 'away_days', 'reads_again']),
            ...array_intersect_key(
                $given,
                array_flip([
                    'copies',
                    'kinds',
                    'elsewhere',
                    'again_after_days',
                    'permit_copies',
                    'more_without_twin',
                    'away_days',
                    'reads_again',
                ]),
            ),
            'waits_for_elsewhere' => $request->boolean('waits_for_elsewhere'),
            'looks_first' => $request->boolean('looks_first'),
            'a_year' => array_map(floatval(...), array_filter($given['a_year'] ?? [], is_numeric(...))),
        ]);

        return redirect("/jobs/{$job}/copies")->with('said', 'The rule is kept, for all jobs.');
    }

    /** Where a drive sleeps, what it is, and whose password opens it. */
    public function place(Request $request, int $job, Destination $destination): RedirectResponse
    {
        $given = $request->validate(
            [
                'kept' => ['required', Rule::in(array_keys(FolderController::KEPT))],
                'device_kind' => ['required', Rule::in(Destination::KINDS)],
                'account' => ['nullable', 'string', 'max:80'],
                'mb_per_s' => ['required', 'numeric', 'between:0.1,20000'],
            ],
            ['required' => 'This is needed.', 'numeric' => 'This must be a number.', 'between' => 'This must lie between :min and :max.'],
        );
        $destination->update([...$given, 'account' => $given['account'] ?? null]);

        return redirect("/jobs/{$job}/copies")->with('said', "{$destination->name} is noted.");
    }

    /** A folder that a hand or another routine copied to is looked through, and counted as a route of its own. */
    public function adopt(Request $request, int $job, CopiesDesk $desk, RunDesk $runs): RedirectResponse
    {
        $given = $request->validate(
            [
                'name' => ['required', 'string', 'max:60'],
                'folder' => ['required', 'string', 'max:1000'],
                'route' => ['required', 'string', 'max:60', Rule::notIn([Destination::OURS])],
                'adopt_kept' => ['required', Rule::in(array_keys(FolderController::KEPT))],
                'adopt_kind' => ['required', Rule::in(Destination::KINDS)],
            ],
            ['required' => 'This is needed.', 'not_in' => 'By hand, or the name of the other routine.'],
        );
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
        $runs->start($opened, 'adopt', array_values($desk->shotCards($opened)->pluck('id')->all()), [$place->id]);

        return redirect("/jobs/{$job}/copies");
    }
}
