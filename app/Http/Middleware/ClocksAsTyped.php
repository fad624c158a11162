<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use NorthSatchel\Time\ClockTime;
use Symfony\Component\HttpFoundation\Response;

/** Times are read as people type them, in the fields that hold one. */
final class ClocksAsTyped
{
    private const CLOCKS = '/_clock$|^(?:first|second)_anchor$|^(?:covered|appointment)_(?:from|to)$/';

    public function handle(Request $request, \Closure $next): Response
    {
        foreach ($request->request->all() as $name => $value) {
            if (is_string($value) && preg_match(self::CLOCKS, (string) $name) === 1) {
                $request->request->set($name, ClockTime::asTyped($value));
            }
        }

        return $next($request);
    }
}
