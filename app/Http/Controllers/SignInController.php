<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignInController
{
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
        if (! Auth::attempt($given)) {
            throw ValidationException::withMessages(['email' => 'E-mail and password do not belong together.']);
        }
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
