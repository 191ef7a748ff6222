<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UserRequest;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;

final class UserController extends Controller
{
    public function index(): View
    {
        return view('users.index', ['users' => User::query()->orderBy('name')->get()]);
    }

    public function store(UserRequest $request): RedirectResponse
    {
        $password = Str::password(14, symbols: false);
        $user = User::query()->create([...$request->row(), 'password' => $password, 'must_change_password' => true]);

        return redirect()->route('users.index')->with('said', "$user->name has an account. First password: $password");
    }

    public function edit(User $user): View
    {
        return view('users.edit', ['user' => $user]);
    }

    public function update(UserRequest $request, User $user): RedirectResponse
    {
        $row = $request->row();
        $said = $user->name . ' is saved.';
        if ($request->boolean('new_password')) {
            $password = Str::password(14, symbols: false);
            $row += ['password' => $password, 'must_change_password' => true];
            $said .= " New first password: $password";
        }
        $user->saveIfUnchanged($request, $row);
        if (isset($row['password']) || !$user->active) {
            $user->endSessions();
        }

        return redirect()->route('users.index')->with('said', $said);
    }
}
