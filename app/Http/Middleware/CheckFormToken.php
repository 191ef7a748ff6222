<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;

/**
 * Every form carries its token in a field; no cookie is needed, and two copies on one machine would share it. Who writes without a
 * session can have no token: of those so many a minute are answered, by address.
 */
final class CheckFormToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;

    /**
     * @param Request $request
     */
    public function handle($request, Closure $next): mixed
    {
        if (!$request->isMethodSafe() && !OwnSession::isKnown($request) && Auth::guest()) {
            $key = 'stranger|' . $request->ip();
            abort_if(RateLimiter::tooManyAttempts($key, (int) config('pebblefell.strangers_writes')), 429);
            RateLimiter::hit($key);
        }

        return parent::handle($request, $next);
    }
}
