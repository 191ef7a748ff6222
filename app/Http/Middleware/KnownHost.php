<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers by the name that APP_URL gives, and by no other: whoever asks by a name of their own would get links that lead to them.
 *
 * On loopback each of its names is good; where the address is 0.0.0.0, the one at which the request arrived.
 */
final class KnownHost
{
    private const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];
    private const ANY = '0.0.0.0';

    public function handle(Request $request, Closure $next): Response
    {
        $ours = (string) parse_url((string) config('app.url'), PHP_URL_HOST);
        $asked = $request->getHost();
        $isKnown = $request->is('up') || strcasecmp($asked, $ours) === 0
            || (in_array($ours, [...self::LOOPBACK, self::ANY], true) && in_array($asked, self::LOOPBACK, true))
            || ($ours === self::ANY && $asked === $request->server('SERVER_ADDR'));
        if (!$isKnown) {
            return response()->view('errors.421', ['ours' => $ours], Response::HTTP_MISDIRECTED_REQUEST);
        }

        return $next($request);
    }
}
