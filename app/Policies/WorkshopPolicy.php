<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** The workshop's own data, and its places. */
final class WorkshopPolicy
{
    public function update(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }

    /** Whether balance sessions may run on the simulated bench is the office's choice. */
    public function practise(User $user): bool
    {
        return $user->holds(Role::Office);
    }
}
