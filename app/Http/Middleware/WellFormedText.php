<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** Text that is no UTF-8 is refused at the door: neither a log line nor a JSON answer could hold it. */
final class WellFormedText
{
    /** @throws ValidationException */
    public function handle(Request $request, Closure $next): Response
    {
        foreach (Arr::dot([...$request->query->all(), ...$request->post()]) as $name => $value) {
            if (mb_check_encoding((string) $name, 'UTF-8') && (! is_string($value) || mb_check_encoding($value, 'UTF-8'))) {
                continue;
            }
            abort_if($request->isMethod('GET'), 400, 'This address holds text that is no UTF-8.');
            throw ValidationException::withMessages([mb_scrub((string) $name, 'UTF-8') => 'This holds signs that are no text (UTF-8).']);
        }

        return $next($request);
    }
}
