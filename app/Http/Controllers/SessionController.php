<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Device;
use App\Http\KeptInput;
use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

final class SessionController extends Controller
{
    public function create(): View
    {
        return view(
            'sign-in',
            ['accounts' => config('pebblefell.demo') ? User::query()->where('active', true)->orderBy('id')->limit(6)->get() : []],
        );
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        $credentials = [
            'email' => mb_strtolower($request->string('email')->toString()),
            'password' => $request->string('password')->toString(),
            'active' => true,
        ];
        if (!Auth::attempt($credentials, $request->boolean('remember'))) {
            return back()->withInput($request->only('email', 'remember'))->withErrors(
                ['email' => 'E-mail and password do not fit, or the account is closed.'],
            );
        }
        $request->session()->regenerate();
        Device::knows($request, $this->user($request));
        if (KeptInput::has()) {
            return KeptInput::back('You are signed in again. What you typed is still here: look it over and save it.');
        }

        return redirect()->intended(route('yard'));
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }
}
