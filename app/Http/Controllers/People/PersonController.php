<?php

declare(strict_types=1);

namespace App\Http\Controllers\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\People\IdentityDesk;
use App\Http\Requests\People\AddPersonRequest;
use App\Http\Requests\People\ApartRequest;
use App\Http\Requests\People\BesideRequest;
use App\Models\Brief\Person;
use Illuminate\Http\RedirectResponse;

/** One or two of the list: who they are, and who stands beside whom. */
final class PersonController
{
    /** Somebody who is named in a line and not in the list. */
    public function add(AddPersonRequest $request, int $job, IdentityDesk $desk): RedirectResponse
    {
        $name = (string) $request->validated()['name'];
        $desk->add(BriefDesk::open($job)->loadMissing('people'), $name);

        return redirect("/jobs/{$job}/people")->with('said', "{$name} is on the list.");
    }

    /** Two who were kept out of one frame may stand in it, with others between. */
    public function beside(BesideRequest $request, int $job, IdentityDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        $desk->onlyNotBeside(BriefDesk::open($job)->loadMissing('people'), (string) $given['one'], (string) $given['other']);

        return redirect("/jobs/{$job}/people")->with('said', "{$given['one']} and {$given['other']} may be in one frame, not side by side.");
    }

    /** Two of whom the brief says that they do not get on. */
    public function apart(ApartRequest $request, int $job, IdentityDesk $desk): RedirectResponse
    {
        $given = $request->validated();
        [$one, $other] = [(string) $given['one'], (string) $given['other']];
        $desk->keepApart(BriefDesk::open($job), $one, $other, (string) $given['how'], (bool) ($given['former'] ?? false));

        return redirect("/jobs/{$job}/people")->with(
            'said',
            "{$one} and {$other} are never ".($given['how'] === 'apart' ? 'in one frame.' : 'side by side.'),
        );
    }

    /** Who came is who went. */
    public function same(int $job, Person $person, int $gone, IdentityDesk $desk): RedirectResponse
    {
        abort_if($person->job_id !== $job, 404);
        $desk->isSame($person, Person::onlyTrashed()->where('job_id', $job)->findOrFail($gone));

        return redirect("/jobs/{$job}/people")->with('said', "{$person->name} is who was there before.");
    }

    /** Who went is nobody who came. */
    public function another(int $job, int $gone, IdentityDesk $desk): RedirectResponse
    {
        $desk->isAnother(Person::onlyTrashed()->where('job_id', $job)->findOrFail($gone));

        return redirect("/jobs/{$job}/people");
    }
}
