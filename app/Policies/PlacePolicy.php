<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Places feed the sun and the cold of every job there. */
final class PlacePolicy
{
    public function create(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }

    public function update(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }
}
