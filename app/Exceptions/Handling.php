<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Database\Faults;
use App\History\Acts;
use App\Http\KeptInput;
use App\Http\Middleware\WholeWrites;
use App\Http\OwnersForm;
use App\Models\StaleEdit;
use App\Record\UnreadableJob;
use App\Words\Lexicon;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Str;
use Pebblefell\Exception\InvalidValue;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Throwable;

/** Handles what goes wrong: nothing typed is lost, and the page says what to do. */
final class Handling
{
    /** Goes into the log and onto the page, so that one can be found by the other. */
    public static function reference(): string
    {
        $bag = request()->attributes;
        if (!$bag->has('reference')) {
            $bag->set('reference', strtoupper(Str::random(6)));
        }

        return (string) $bag->get('reference');
    }

    private static function toSignIn(Request $request): RedirectResponse
    {
        return KeptInput::keep($request)
            ? redirect()->guest(route('sign-in'))->with(
                'said',
                'Your session had ended. What you typed is kept: sign in, then save it again.',
            )
            : redirect()->route('sign-in');
    }

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([StaleEdit::class]);
        // A refused value is the business of whoever typed it; met while reading, it is ours.
        $exceptions->dontReportWhen(static fn(Throwable $e): bool => $e instanceof InvalidValue && !request()->isMethodSafe());
        $exceptions->dontReportWhen(
            static fn(Throwable $e): bool => request()->attributes->get(WholeWrites::MORE) === true && Faults::areNobodys($e),
        );
        $exceptions->context(static fn(): array => ['reference' => self::reference(), 'url' => request()->path()]);
        $exceptions->respond(static function (Response $response): Response {
            if ($response->isServerError()) {
                $response->headers->set('X-Reference', self::reference());
            }

            return $response;
        });
        $exceptions->dontFlash(KeptInput::NEVER);

        $exceptions->render(static function (AuthenticationException $e, Request $request): ?RedirectResponse {
            return $request->isMethodSafe() || $request->expectsJson() ? null : self::toSignIn($request);
        });

        // The token is checked before anything else; a session that ended looks like a wrong token.
        $exceptions->render(static function (HttpException $e, Request $request): RedirectResponse|\Illuminate\Http\Response|null {
            if (!$e->getPrevious() instanceof TokenMismatchException || $request->routeIs('sign-in.store') || $request->expectsJson()) {
                return null;
            }
            // An owner has no account to sign in to: the form comes back as it was typed, ready to be sent.
            if ($request->routeIs('pack.message', 'offer.accept')) {
                return OwnersForm::again($request);
            }
            if ($request->user() === null) {
                return self::toSignIn($request);
            }
            KeptInput::keep($request);

            return KeptInput::back('This page was open for long. What you typed is kept: look it over and save again.');
        });

        // A value that core refuses is a validation fault at the field that holds it.
        $exceptions->render(static function (InvalidValue $e, Request $request): ?RedirectResponse {
            if ($request->isMethodSafe() || $request->expectsJson()) {
                return null;
            }
            $field = str_replace('/', '.', ltrim($e->path, '/'));

            return redirect()->back()->withInput($request->except(KeptInput::NEVER))
                ->withErrors([$field === '' ? 'form' : $field => ucfirst(Lexicon::plain()->refusal($e)) . '.']);
        });
        $exceptions->render(static function (InvalidValue $e, Request $request): ?JsonResponse {
            if (!$request->expectsJson()) {
                return null;
            }
            $field = str_replace('/', '.', ltrim($e->path, '/'));

            return response()->json(
                [
                    'message' => ucfirst(Lexicon::plain()->refusal($e)) . '.',
                    'errors' => [$field => [ucfirst(Lexicon::plain()->refusal($e)) . '.']],
                ],
                422,
            );
        });

        // A job whose rows make no model opens on a page that says why, and puts it right.
        $exceptions->render(static fn(UnreadableJob $e): \Illuminate\Http\Response => response()->view(
            'jobs.unreadable',
            ['job' => $e->job, 'unreadable' => $e, 'acts' => Acts::page($e->job)],
            409,
        ));
    }
}
