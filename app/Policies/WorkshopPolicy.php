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
}
