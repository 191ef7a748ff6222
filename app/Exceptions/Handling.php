<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Support\KeptInput;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Pebblefell\Exception\InvalidValue;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** What happens when something goes wrong: nothing typed is lost, and the page says what to do. */
final class Handling
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([StaleEdit::class, InvalidValue::class]);
        $exceptions->dontFlash(['password', 'password_confirmation', 'current_password']);

        $exceptions->render(static function (AuthenticationException $e, Request $request): ?RedirectResponse {
            if (!$request->isMethodSafe()) {
                KeptInput::keep($request);

                return redirect()->guest(route('sign-in'))->with('said', 'Your session had ended. What you typed is kept: sign in, then save it again.');
            }

            return null;
        });

        // The token is checked before anything else; a session that ended looks like a wrong token.
        $exceptions->render(static function (HttpException $e, Request $request): ?RedirectResponse {
            if ($e->getPrevious() instanceof TokenMismatchException && !$request->routeIs('sign-in.store')) {
                KeptInput::keep($request);
                if ($request->user() === null) {
                    return redirect()->guest(route('sign-in'))->with('said', 'Your session had ended. What you typed is kept: sign in, then save it again.');
                }

                return KeptInput::back('This page was open for long. What you typed is kept: look it over and save again.');
            }

            return null;
        });

        // A value that core refuses is a validation fault at the field that holds it.
        $exceptions->render(static function (InvalidValue $e, Request $request): ?RedirectResponse {
            if ($request->isMethodSafe()) {
                return null;
            }
            $field = str_replace('/', '.', ltrim($e->path, '/'));

            return redirect()->back()->withInput($request->except(['password', 'password_confirmation', 'current_password']))
                ->withErrors([$field === '' ? 'form' : $field => ucfirst($e->getMessage()) . '.']);
        });
    }
}
