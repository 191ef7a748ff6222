<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Accounts are the office's. */
final class UserPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->holds(Role::Office);
    }

    public function create(User $user): bool
    {
        return $user->holds(Role::Office);
    }

    public function update(User $user): bool
    {
        return $user->holds(Role::Office);
    }
}
