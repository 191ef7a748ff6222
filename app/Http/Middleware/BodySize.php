<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Refuses a body that is larger than what its address takes: forms are small, pictures, logs and job files are not. */
final class BodySize
{
    private const MB = 1_000_000;

    public function handle(Request $request, Closure $next): Response
    {
        $most = self::mostMb($request);
        abort_if(
            (int) $request->server('CONTENT_LENGTH') > $most * self::MB,
            Response::HTTP_REQUEST_ENTITY_TOO_LARGE,
            "It is larger than the $most MB that are taken here.",
        );

        return $next($request);
    }

    private static function mostMb(Request $request): int
    {
        /** @var array<string, int> $bodies */
        $bodies = config('pebblefell.body_mb');

        return $bodies[(string) $request->route()?->getName()] ?? $bodies['*'];
    }
}
