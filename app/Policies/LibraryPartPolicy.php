<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Everyone reads the library; planners answer for its figures. */
final class LibraryPartPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->holds(Role::Planner);
    }

    public function update(User $user): bool
    {
        return $user->holds(Role::Planner);
    }

    public function delete(User $user): bool
    {
        return $user->holds(Role::Planner);
    }
}
