<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may do what with a job and everything in it. */
final class JobPolicy
{
    public function viewAny(User $user): bool
    {
        return true;
    }

    public function view(User $user): bool
    {
        return true;
    }

    /** Open a job, change its customer, vehicle and travel, take in a job file. */
    public function create(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }

    public function update(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }

    public function delete(User $user): bool
    {
        return $user->holds(Role::Office);
    }

    /** Record what is there: parts, conductors, photographs, loads. */
    public function survey(User $user): bool
    {
        return $user->holds(Role::Planner, Role::Technician);
    }

    /** Decide what becomes of it, choose the bank, apply remedies, overrule findings. */
    public function plan(User $user): bool
    {
        return $user->holds(Role::Planner);
    }

    /** Note what was set, serials, firmware, readings. */
    public function record(User $user): bool
    {
        return $user->holds(Role::Planner, Role::Technician);
    }

    /** Issue a pack and take one back. */
    public function handOver(User $user): bool
    {
        return $user->holds(Role::Office, Role::Planner);
    }
}
