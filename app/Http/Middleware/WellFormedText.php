<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Arr;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * What no page sends is refused at the door: text that is no UTF-8 or holds a zero byte, which neither a log line nor a file name
 * could hold, and lists where an address has a word.
 */
final class WellFormedText
{
    /** What an address may name several of. */
    private const LISTS = ['jobs', 'dates'];

    /** @throws ValidationException */
    public function handle(Request $request, Closure $next): Response
    {
        foreach ($request->query->all() as $name => $value) {
            $isList = in_array($name, self::LISTS, true) && is_array($value) && array_filter($value, is_array(...)) === [];
            abort_if(is_array($value) && ! $isList, 400, 'This address holds a list where a word belongs.');
        }
        foreach (Arr::dot([...$request->query->all(), ...$request->post()]) as $name => $value) {
            if (self::isText((string) $name) && (! is_string($value) || self::isText($value))) {
                continue;
            }
            abort_if($request->isMethod('GET'), 400, 'This address holds text that is no UTF-8.');
            throw ValidationException::withMessages([
                str_replace("\0", '', mb_scrub((string) $name, 'UTF-8')) => 'This holds signs that are no text (UTF-8).',
            ]);
        }

        return $next($request);
    }

    private static function isText(string $text): bool
    {
        return ! str_contains($text, "\0") && mb_check_encoding($text, 'UTF-8');
    }
}
