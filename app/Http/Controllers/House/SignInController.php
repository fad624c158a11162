<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use App\Http\Requests\House\SignInRequest;
use App\Models\User;
use Database\Demo\Demo;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;

final class SignInController
{
    private const GUESSES_A_MINUTE = 6;

    public function create(): View
    {
        return view('house.sign-in');
    }

    /** @throws ValidationException */
    public function store(SignInRequest $request): RedirectResponse
    {
        $given = $request->validated();
        $guesses = 'sign-in|'.mb_strtolower($given['email']).'|'.$request->ip();
        abort_if(RateLimiter::tooManyAttempts($guesses, self::GUESSES_A_MINUTE), 429, 'Too many guesses: wait a minute.');
        $user = User::query()->where('email', mb_strtolower($given['email']))->first();
        // For an address that nobody has, as much is computed as for one that somebody has.
        $isRight = Hash::check($given['password'], $user->password ?? self::nobodys());
        if ($user === null || ! $isRight || self::isPublished($user, $given['password'])) {
            RateLimiter::hit($guesses);
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together.']);
        }
        RateLimiter::clear($guesses);
        Auth::login($user);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    /** A hash of what nobody knows, as dear to compute as those of passwords. */
    private static function nobodys(): string
    {
        return (string) Cache::rememberForever(
            'nobodys-password '.config('hashing.bcrypt.rounds'),
            static fn (): string => Hash::make(Str::random(40)),
        );
    }

    /** The demo's sign-in stands in the README: it opens the demo on this machine, and nothing else. */
    private static function isPublished(User $user, string $password): bool
    {
        return ! config('satchel.demo')
            ? $user->email === Demo::EMAIL || $password === Demo::PASSWORD
            : config('satchel.lan') === true && $password === Demo::PASSWORD;
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
