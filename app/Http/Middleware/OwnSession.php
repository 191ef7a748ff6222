<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/**
 * The session, only read by what a page asks for behind the person's back: a refresh, a stream, a progress bar. What was said to the person
 * is then still there for the page that shows it, and a session does not live on because a page was left open.
 *
 * Nor is it written by a page that changed nothing in it, but for once in a while: on a cluster every write waits for every node.
 */
final class OwnSession extends StartSession
{
    public const HEADER = 'X-Background';

    /** So much of its lifetime a session may lose by not being written, s. Chosen: little of hours. */
    private const KEPT_S = 300;

    private const BEFORE = 'session-before';
    private const KEPT_AT = 'kept_at';

    /**
     * @param Session $session
     */
    protected function startSession(Request $request, $session): Session
    {
        $session = parent::startSession($request, $session);
        $request->attributes->set(self::BEFORE, self::lasting($session));

        return $session;
    }

    protected function saveSession($request): void
    {
        if ($request->headers->has(self::HEADER) || str_contains((string) $request->header('Accept'), 'text/event-stream')) {
            return;
        }
        $session = $request->session();
        if ($request->isMethodSafe() && $request->attributes->get(self::BEFORE) === self::lasting($session)
            && array_filter((array) $session->get('_flash')) === [] && time() - (int) $session->get(self::KEPT_AT) < self::KEPT_S) {
            return;
        }
        $session->put(self::KEPT_AT, time());
        parent::saveSession($request);
    }

    /**
     * What is in it, but for the page that was looked at last: the browser says that itself.
     *
     * @return array<string, mixed>
     */
    private static function lasting(Session $session): array
    {
        return ['id' => $session->getId()] + array_diff_key($session->all(), ['_previous' => true]);
    }
}
