<?php

declare(strict_types=1);

namespace App\Http\Controllers\Copies;

use App\Desks\Copies\Places;
use App\Devices\AllowedRoots;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Devices\PlaceMark;
use App\Devices\PlaceRule;
use App\Devices\SeenFolder;
use App\Devices\SeenFolders;
use App\Http\Requests\Copies\DestinationRequest;
use App\Http\Requests\Copies\MediumRequest;
use App\Http\Requests\Copies\MountRequest;
use App\Http\Requests\Copies\RootRequest;
use App\Http\Requests\Copies\SeenCardRequest;
use App\Models\Copies\AllowedRoot;
use App\Models\Copies\Destination;
use App\Models\Kit\Card;
use App\Models\Kit\Item;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Which folders the program may look into, what is mounted where, and where copies go. */
final class FolderController
{
    public const KEPT = ['on-you' => 'on you', 'bag' => 'in the bag', 'home' => 'at home', 'elsewhere' => 'elsewhere'];

    public function index(Request $request, Places $places): View
    {
        $roots = AllowedRoots::now();
        // What somebody allowed last is where they want to look.
        $first = AllowedRoot::query()->orderByDesc('id')->value('path') ?? $roots->roots[0] ?? Devices::standIns();
        $first = in_array($first, $roots->roots, true) ? $first : $roots->roots[0] ?? Devices::standIns();
        $asked = (string) $request->query('at', $first);
        $problem = null;
        $at = $first;
        $below = [];
        try {
            $below = $roots->below($asked);
            $at = $roots->folder($asked);
        } catch (FolderNotAllowed $e) {
            $problem = $e->getMessage();
        }
        $for = (string) $request->query('for');
        $up = dirname($at);

        return view('copies.folders', [
            'standIns' => realpath(Devices::standIns()),
            'roots' => AllowedRoot::query()->orderBy('path')->get(),
            'destinations' => $places
                ->all()
                ->map(
                    static fn (Destination $d): array => [
                        'place' => $d,
                        'medium' => self::mediumIn($d),
                        'now' => is_string($now = $places->now($d->id)) ? $now : null,
                        'sharing' => $places->sharing()[$d->id] ?? [],
                    ],
                )
                ->values(),
            'seen' => SeenFolders::now(),
            'taken' => [...Destination::query()->pluck('name', 'folder')->all(), ...array_flip(Devices::cardFolders())],
            'cards' => Card::query()->with('item')->get()->sortBy(static fn (Card $c): string => $c->item->label)->values(),
            'isCardAt' => PlaceRule::isCard($at),
            'keptWords' => self::KEPT,
            'at' => $at,
            'below' => $below,
            'up' => in_array($at, $roots->roots, true) ? null : $up,
            'problem' => $problem,
            'for' => $for,
            'forCard' => str_starts_with($for, 'card-') ? Card::query()->with('item')->find((int) substr($for, 5)) : null,
        ]);
    }

    public function allow(RootRequest $request): RedirectResponse
    {
        $path = (string) $request->validated()['path'];
        $real = str_contains($path, "\0") ? false : realpath($path);
        if ($real === false || ! is_dir($real) || ! is_readable($real) || $real === '/') {
            throw ValidationException::withMessages([
                'path' => 'This must be a folder of this machine that can be read, and not the whole disk.',
            ]);
        }
        $why = (new PlaceRule())->againstRoot($real, base_path());
        if ($why !== null) {
            throw ValidationException::withMessages(['path' => $why]);
        }
        AllowedRoot::query()->firstOrCreate(['path' => $real]);

        return redirect('/folders')->with('said', "{$real} is allowed.");
    }

    public function forget(AllowedRoot $root): RedirectResponse
    {
        $root->delete();

        return redirect('/folders')->with('said', "{$root->path} is no longer allowed; nothing in it was touched.");
    }

    public function destination(DestinationRequest $request, Places $places): RedirectResponse
    {
        $given = $request->validated();
        $folder = $this->allowed((string) $given['folder'], (bool) ($given['allow'] ?? false));
        if (Destination::query()->where('folder', $folder)->exists()) {
            throw ValidationException::withMessages(['folder' => 'This folder is a destination already.']);
        }
        $why = (new PlaceRule())->against($folder, Devices::cardFolders());
        if ($why !== null) {
            throw ValidationException::withMessages(['folder' => ucfirst("{$why}.")]);
        }
        try {
            $mark = PlaceMark::leave($folder);
        } catch (FolderNotAllowed $e) {
            throw ValidationException::withMessages(['folder' => $e->getMessage()]);
        }
        if (Destination::query()->where('mark', $mark)->exists()) {
            throw ValidationException::withMessages(['folder' => 'This folder is known already, under another path.']);
        }
        $place = Destination::query()->create([...array_diff_key($given, ['allow' => 0]), 'folder' => $folder, 'mark' => $mark]);
        $places->forget();
        $sharing = $places->sharing()[$place->id] ?? [];

        return redirect('/folders')->with(
            'said',
            "{$given['name']} can take copies.".
                ($sharing === []
                    ? ''
                    : ' It is on the same medium as '.
                        implode(' and ', $sharing).
                        ', or the system says nothing of their disks: copies there count once.'),
        );
    }

    public function mount(MountRequest $request, Card $card): RedirectResponse
    {
        $given = $request->validated();

        return $this->mountAt($this->allowed((string) $given['folder'], (bool) ($given['allow'] ?? false)), $card);
    }

    private function mountAt(string $folder, Card $card): RedirectResponse
    {
        $this->refusePlace($folder);
        $taken = Card::query()->with('item')->where('folder', $folder)->whereKeyNot($card->id)->first();
        if ($taken !== null) {
            throw ValidationException::withMessages(['folder' => "{$taken->item->label} is mounted there."]);
        }
        $card->load('item')->update(['folder' => $folder]);

        return redirect('/folders')->with('said', "{$card->item->label} is mounted at {$folder}.");
    }

    /** A card that is in the reader, chosen from the shelf or put onto it. */
    public function mountSeen(SeenCardRequest $request): RedirectResponse
    {
        $given = $request->validated();
        $folder = $this->allowed((string) $given['folder'], (bool) ($given['allow'] ?? false));
        if (isset($given['card'])) {
            return $this->mountAt($folder, Card::query()->findOrFail((int) $given['card']));
        }
        $this->refusePlace($folder);
        $item = Item::query()->create(['kind' => 'card', 'label' => (string) $given['label']]);
        Card::query()->create([
            'item_id' => $item->id,
            'capacity_gb' => max(1.0, round((float) @disk_total_space($folder) / 1e9)),
            'folder' => $folder,
        ]);

        return redirect('/folders')->with(
            'said',
            "{$given['label']} is on the shelf, and mounted at {$folder}. Put it onto the packing list of its job under Kit.",
        );
    }

    /** What the owner calls a medium of which the system says nothing; said once, in writing. */
    public function medium(MediumRequest $request, Destination $destination, Places $places): RedirectResponse
    {
        $given = $request->validated();
        if ($destination->medium_said !== null) {
            throw ValidationException::withMessages(['medium' => "It was said already that this is {$destination->medium_said}."]);
        }
        $destination->update(['medium_said' => trim((string) $given['medium']), 'medium_words' => (string) $given['words']]);

        $sharing = $places->sharing()[$destination->id] ?? [];
        $still = $sharing === [] ? '' : ' It counts once together with '.implode(' and ', $sharing).' until something is said of that too.';

        return redirect('/folders')->with('said', "{$destination->name} is on {$given['medium']}, in your word; permits say so.{$still}");
    }

    /** The mark on a drive is gone, and it is that drive all the same. */
    public function mark(Destination $destination): RedirectResponse
    {
        $folder = $this->allowed($destination->folder);
        if (PlaceMark::read($folder) !== null) {
            throw ValidationException::withMessages(["place{$destination->id}" => 'Another drive stands there: it has a mark of its own.']);
        }
        try {
            $destination->update(['mark' => PlaceMark::leave($folder)]);
        } catch (FolderNotAllowed $e) {
            throw ValidationException::withMessages(["place{$destination->id}" => $e->getMessage()]);
        }

        return redirect('/folders')->with('said', "{$destination->name} is marked again; what lies on it counts once it was read.");
    }

    private static function mediumIn(Destination $destination): string
    {
        try {
            return Devices::mediumOf($destination)->name;
        } catch (FolderNotAllowed) {
            return 'not here';
        }
    }

    /** @throws ValidationException when copies go there */
    private function refusePlace(string $folder): void
    {
        foreach (Destination::query()->get() as $place) {
            $real = realpath($place->folder);
            if ($real !== false && (str_starts_with("{$real}/", "{$folder}/") || str_starts_with("{$folder}/", "{$real}/"))) {
                throw ValidationException::withMessages(['folder' => "Copies go there ({$place->name}): a card is only read."]);
            }
        }
    }

    /** @throws ValidationException */
    private function allowed(string $folder, bool $isToBeAllowed = false): string
    {
        if ($isToBeAllowed) {
            $seen = array_filter(SeenFolders::now(), static fn (SeenFolder $s): bool => $s->path === $folder);
            if ($seen !== [] && (new PlaceRule())->againstRoot($folder, base_path()) === null) {
                AllowedRoot::query()->firstOrCreate(['path' => $folder]);
                app()->forgetInstance(AllowedRoots::class);
            }
        }
        try {
            return AllowedRoots::now()->folder($folder);
        } catch (FolderNotAllowed $e) {
            throw ValidationException::withMessages(['folder' => $e->getMessage()]);
        }
    }
}
