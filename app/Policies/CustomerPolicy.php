<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Customers are the office's and the planners'. */
final class CustomerPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function create(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }

    public function update(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }
}
