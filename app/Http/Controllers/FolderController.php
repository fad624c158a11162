<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Devices\AllowedRoots;
use App\Devices\Devices;
use App\Devices\FolderNotAllowed;
use App\Models\AllowedRoot;
use App\Models\Card;
use App\Models\Destination;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** Which folders the program may look into, what is mounted where, and where copies go. */
final class FolderController
{
    public const KEPT = ['on-you' => 'on you', 'bag' => 'in the bag', 'home' => 'at home', 'elsewhere' => 'elsewhere'];

    public function index(Request $request): View
    {
        $roots = AllowedRoots::now();
        $asked = (string) $request->query('at', $roots->roots[0] ?? Devices::standIns());
        $problem = null;
        $at = $roots->roots[0] ?? Devices::standIns();
        $below = [];
        try {
            $below = $roots->below($asked);
            $at = $roots->folder($asked);
        } catch (FolderNotAllowed $e) {
            $problem = $e->getMessage();
        }
        $for = (string) $request->query('for');
        $up = dirname($at);

        return view('folders.index', [
            'standIns' => realpath(Devices::standIns()),
            'roots' => AllowedRoot::query()->orderBy('path')->get(),
            'destinations' => Destination::query()->orderBy('id')->get(),
            'keptWords' => self::KEPT,
            'at' => $at,
            'below' => $below,
            'up' => in_array($at, $roots->roots, true) ? null : $up,
            'problem' => $problem,
            'for' => $for,
            'forCard' => str_starts_with($for, 'card-') ? Card::query()->with('item')->find((int) substr($for, 5)) : null,
        ]);
    }

    public function allow(Request $request): RedirectResponse
    {
        $path = (string) $request->validate(['path' => ['required', 'string', 'max:1000']], ['required' => 'This is needed.'])['path'];
        $real = str_contains($path, "\0") ? false : realpath($path);
        if ($real === false || ! is_dir($real) || ! is_readable($real) || $real === '/') {
            throw ValidationException::withMessages(['path' => 'This must be a folder of this machine that can be read, and not the whole disk.']);
        }
        AllowedRoot::query()->firstOrCreate(['path' => $real]);

        return redirect('/folders')->with('said', "{$real} is allowed.");
    }

    public function forget(AllowedRoot $root): RedirectResponse
    {
        $root->delete();

        return redirect('/folders')->with('said', "{$root->path} is no longer allowed; nothing in it was touched.");
    }

    public function destination(Request $request): RedirectResponse
    {
        $given = $request->validate([
            'name' => ['required', 'string', 'max:60', 'unique:destinations,name'],
            'folder' => ['required', 'string', 'max:1000'],
            'kept' => ['required', Rule::in(array_keys(self::KEPT))],
        ], ['required' => 'This is needed.', 'name.unique' => 'Another destination has this name.']);
        $folder = $this->allowed((string) $given['folder']);
        if (Destination::query()->where('folder', $folder)->exists()) {
            throw ValidationException::withMessages(['folder' => 'This folder is a destination already.']);
        }
        Destination::query()->create([...$given, 'folder' => $folder]);

        return redirect('/folders')->with('said', "{$given['name']} can take copies.");
    }

    public function mount(Request $request, Card $card): RedirectResponse
    {
        $given = $request->validate(['folder' => ['required', 'string', 'max:1000']]);
        $folder = $this->allowed((string) $given['folder']);
        $taken = Card::query()->with('item')->where('folder', $folder)->whereKeyNot($card->id)->first();
        if ($taken !== null) {
            throw ValidationException::withMessages(['folder' => "{$taken->item->label} is mounted there."]);
        }
        $card->load('item')->update(['folder' => $folder]);

        return redirect('/folders')->with('said', "{$card->item->label} is mounted at {$folder}.");
    }

    /** @throws ValidationException */
    private function allowed(string $folder): string
    {
        try {
            return AllowedRoots::now()->folder($folder);
        } catch (FolderNotAllowed $e) {
            throw ValidationException::withMessages(['folder' => $e->getMessage()]);
        }
    }
}
