<?php

declare(strict_types=1);

namespace App\Http\Controllers\House;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Paper by day, dim in churches and on dance floors; kept in a cookie so that no page flashes white. */
final class LookController
{
    private const A_YEAR_MINUTES = 525600;

    public function store(Request $request): RedirectResponse
    {
        $look = $request->cookie('look') === 'dim' ? 'paper' : 'dim';

        return back()->withCookie(cookie('look', $look, self::A_YEAR_MINUTES, secure: $request->isSecure(), sameSite: 'lax'));
    }
}
