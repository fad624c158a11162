<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** The buttons that move the stand-in cameras exist in the demo alone. */
final class DemoOnly
{
    public function handle(Request $request, Closure $next): Response
    {
        abort_unless((bool) config('satchel.demo'), 404);

        return $next($request);
    }
}
