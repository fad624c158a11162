<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** A number typed with a decimal comma is read as one, in fields that hold a single number. */
final class DecimalCommas
{
    /** The last word of the names of such fields. */
    private const NUMBERS = '/(?:^|_)(?:latitude|longitude|c|m|cm|mm|deg|kg|mb|gb|tb|wh|um|s|ev|iso|number|stops?|long|lost|'.
        'factor|under|hours|charge|a)$/';

    public function handle(Request $request, \Closure $next): Response
    {
        foreach (['query' => $request->query, 'request' => $request->request] as $bag) {
            foreach ($bag->all() as $name => $value) {
                if (is_string($value) && preg_match(self::NUMBERS, (string) $name) === 1 && preg_match('/^\s*-?\d+,\d+\s*$/', $value) === 1) {
                    $bag->set($name, str_replace(',', '.', $value));
                }
            }
        }

        return $next($request);
    }
}
