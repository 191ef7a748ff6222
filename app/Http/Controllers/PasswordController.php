<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PasswordRequest;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;

final class PasswordController extends Controller
{
    public function edit(): View
    {
        return view('password');
    }

    public function update(PasswordRequest $request): RedirectResponse
    {
        $user = $this->user($request);
        $user->update(['password' => $request->string('password')->toString(), 'must_change_password' => false]);
        $request->session()->regenerate();
        $user->endSessions($request->session()->getId());
        Auth::login($user, Auth::viaRemember());
        activity()->performedOn($user)->causedBy($user)->log('password changed');

        return redirect()->route('yard')->with('said', 'Your password is changed. Wherever else you were signed in, you are signed out.');
    }
}
