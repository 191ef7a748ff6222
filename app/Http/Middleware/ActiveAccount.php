<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A closed account is out at once; a first password is changed before anything else. */
final class ActiveAccount
{
    public function handle(Request $request, Closure $next): Response
    {
        /** @var User $user */
        $user = $request->user();
        if (!$user->active) {
            Auth::logout();
            $request->session()->invalidate();

            return redirect()->route('sign-in')->withErrors(['email' => 'This account is closed. Ask the office.']);
        }
        if ($user->must_change_password && !$request->routeIs('password.*', 'sign-out')) {
            return redirect()->route('password.edit')->with('said', 'Choose a password of your own first.');
        }

        return $next($request);
    }
}
