<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Middleware\OwnSession;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Keeps what was typed into a form over the end of a session, until the same person can send it again. */
final class KeptInput
{
    public const KEY = 'kept_input';

    /** Names what is nobody's to keep: neither over the end of a session, nor for a form that was refused. */
    public const NEVER = ['_token', '_method', 'password', 'password_confirmation', 'current_password', 'code'];

    /** @return bool whether it is kept: nothing is for who had no session */
    public static function keep(Request $request): bool
    {
        if (!OwnSession::isKnown($request) && Auth::guest()) {
            return false;
        }
        $form = url()->previous();
        // Only a page of our own is gone back to.
        if (!str_starts_with($form, $request->getSchemeAndHttpHost() . '/')) {
            $form = url('/');
        }
        $request->session()->put(
            self::KEY,
            ['form' => $form, 'input' => $request->except([...self::NEVER, ...array_keys($request->allFiles())])],
        );

        return true;
    }

    /** After signing in, or after a fresh token: to the form, filled in as it was. Null when nothing is kept. */
    public static function back(string $said): RedirectResponse
    {
        /** @var array{form: string, input: array<string, mixed>} $kept */
        $kept = session()->pull(self::KEY);

        return redirect()->to($kept['form'])->withInput($kept['input'])->with('said', $said);
    }

    public static function has(): bool
    {
        return session()->has(self::KEY);
    }
}
