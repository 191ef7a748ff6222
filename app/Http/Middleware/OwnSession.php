<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\KeptInput;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * The session, only read by what a page asks for behind the person's back: a refresh, a stream, a progress bar. What was said to the person
 * is then still there for the page that shows it, and a session does not live on because a page was left open.
 *
 * Nor is it written by a page that changed nothing in it, but for once in a while: on a cluster every write waits for every node. And a
 * write that comes without a session leaves none: a stranger fills no table, and a page elsewhere that posts here signs nobody out.
 */
final class OwnSession extends StartSession
{
    public const HEADER = 'X-Background';

    /** So much of its lifetime a session may lose by not being written, s. Chosen: little of hours. */
    private const KEPT_S = 300;

    /** No session holds more, bytes: what was typed beyond it is not kept over a refusal. Chosen. */
    private const MOST = 200_000;

    private const BEFORE = 'session-before';
    private const KEPT_AT = 'kept_at';

    /** Whoever asks holds a session that this server gave: its cookie is signed. */
    public static function isKnown(Request $request): bool
    {
        return is_string($request->cookies->get((string) config('session.cookie')));
    }

    /**
     * @param Session $session
     */
    protected function startSession(Request $request, $session): Session
    {
        $session = parent::startSession($request, $session);
        $request->attributes->set(self::BEFORE, self::lasting($session));

        return $session;
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        if (!self::isStrangersWrite(request())) {
            parent::addCookieToResponse($response, $session);
        }
    }

    protected function saveSession($request): void
    {
        if ($request->headers->has(self::HEADER) || str_contains((string) $request->header('Accept'), 'text/event-stream')
            || self::isStrangersWrite($request)) {
            return;
        }
        $session = $request->session();
        if ($request->isMethodSafe() && $request->attributes->get(self::BEFORE) === self::lasting($session)
            && array_filter((array) $session->get('_flash')) === [] && time() - (int) $session->get(self::KEPT_AT) < self::KEPT_S) {
            return;
        }
        if (strlen((string) json_encode($session->all(), JSON_PARTIAL_OUTPUT_ON_ERROR)) > self::MOST) {
            $session->forget(['_old_input', KeptInput::KEY]);
            $session->flash('said', 'What you typed was too much to be kept: go back in your browser, it is still there.');
        }
        $session->put(self::KEPT_AT, time());
        parent::saveSession($request);
    }

    private static function isStrangersWrite(Request $request): bool
    {
        return !$request->isMethodSafe() && !self::isKnown($request) && Auth::guest() && $request->attributes->get(self::GIVEN) !== true;
    }

    /** Set where a stranger's form is answered with itself: it gets a session to be sent again with. */
    public const GIVEN = 'session-given';

    /**
     * Returns what is in it, but for the page that was looked at last: the browser says that itself.
     *
     * @return array<string, mixed>
     */
    private static function lasting(Session $session): array
    {
        return ['id' => $session->getId()] + array_diff_key($session->all(), ['_previous' => true]);
    }
}
