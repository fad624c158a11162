<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

final class SignInController
{
    private const GUESSES_A_MINUTE = 6;

    public function create(): View
    {
        return view('auth.sign-in');
    }

    /** @throws ValidationException */
    public function store(Request $request): RedirectResponse
    {
        $given = $request->validate(['email' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200']], [
            'required' => 'This is needed.',
        ]);
        $guesses = 'sign-in|'.mb_strtolower($given['email']).'|'.$request->ip();
        abort_if(RateLimiter::tooManyAttempts($guesses, self::GUESSES_A_MINUTE), 429, 'Too many guesses: wait a minute.');
        if (! Auth::attempt($given)) {
            RateLimiter::hit($guesses);
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together.']);
        }
        RateLimiter::clear($guesses);
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
