<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Session\Middleware\StartSession;

/**
 * The session, only read by what a page asks for behind the person's back: a refresh, a stream, a progress bar. What was said to the person
 * is then still there for the page that shows it, and a session does not live on because a page was left open.
 */
final class OwnSession extends StartSession
{
    public const HEADER = 'X-Background';

    protected function saveSession($request): void
    {
        if (!$request->headers->has(self::HEADER) && !str_contains((string) $request->header('Accept'), 'text/event-stream')) {
            parent::saveSession($request);
        }
    }
}
