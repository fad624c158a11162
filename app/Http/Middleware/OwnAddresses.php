<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * The program answers only under names that are its own, so that no link or redirect it writes can be made to lead elsewhere; a
 * page that is gone back to must be one of its own as well; and under TLS its cookies go over TLS alone.
 */
final class OwnAddresses
{
    private const ALWAYS = ['localhost', '127.0.0.1', '[::1]'];

    public function handle(Request $request, Closure $next): Response
    {
        $host = strtolower((string) preg_replace('/:\d+$/', '', (string) $request->headers->get('host')));
        abort_unless(in_array($host, [...self::ALWAYS, ...self::configured()], true), 400, 'This address is not one of this program.');
        $referrer = $request->headers->get('referer');
        if ($referrer !== null && $this->hostOf($referrer) !== strtolower((string) $request->headers->get('host'))) {
            $request->headers->remove('referer');
        }
        if ($request->isSecure()) {
            config(['session.secure' => true]);
        }

        return $next($request);
    }

    /** @return list<string> names of the machine on its network, and those that its owner gave it */
    private static function configured(): array
    {
        $names = [...explode(',', (string) config('satchel.hosts')), (string) parse_url((string) config('app.url'), PHP_URL_HOST)];

        return array_values(array_filter(array_map(static fn (string $name): string => strtolower(trim($name)), $names)));
    }

    private function hostOf(string $url): string
    {
        $parts = parse_url($url);
        $port = isset($parts['port']) ? ":{$parts['port']}" : '';

        return strtolower((string) ($parts['host'] ?? '')).$port;
    }
}
