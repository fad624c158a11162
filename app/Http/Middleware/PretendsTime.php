<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Devices\StandIn\PretendedClock;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** While somebody plays the day in the demo, pages and taps go by its clock. */
final class PretendsTime
{
    public function handle(Request $request, Closure $next): Response
    {
        $clock = PretendedClock::running();

        return $clock === null ? $next($request) : $clock->during(static fn (): Response => $next($request));
    }
}
