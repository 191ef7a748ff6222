<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may do what with a job and everything in it. */
final class JobPolicy
{
    /** Who holds what it takes, besides those who may do everything. */
    private const HOLDERS = [
        'create' => [Role::Office, Role::Planner], 'update' => [Role::Office, Role::Planner], 'delete' => [Role::Office], 'survey' => [
            Role::Planner,
            Role::Technician,
        ],
        'plan' => [Role::Planner], 'record' => [Role::Planner, Role::Technician], 'handOver' => [Role::Office, Role::Planner],
    ];

    /** "a planner or a technician (Torvald Eik, Jona Sund)" */
    public static function whoMay(string $ability): string
    {
        $roles = self::HOLDERS[$ability];
        $names = User::namesWith(...$roles);

        return implode(
            ' or ',
            array_map(static fn(Role $r): string => __('roles.a.' . $r->value), $roles),
        ) . ($names === [] ? '' : ' (' . implode(', ', array_slice($names, 0, 4)) . ')');
    }

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
        return $user->holds(...self::HOLDERS['create']);
    }

    public function update(User $user): bool
    {
        return $user->holds(...self::HOLDERS['update']);
    }

    public function delete(User $user): bool
    {
        return $user->holds(...self::HOLDERS['delete']);
    }

    /** Record what is there: parts, conductors, photographs, loads. */
    public function survey(User $user): bool
    {
        return $user->holds(...self::HOLDERS['survey']);
    }

    /** Decide what becomes of it, choose the bank, apply remedies, overrule findings. */
    public function plan(User $user): bool
    {
        return $user->holds(...self::HOLDERS['plan']);
    }

    /** Note what was set, serials, firmware, readings. */
    public function record(User $user): bool
    {
        return $user->holds(...self::HOLDERS['record']);
    }

    /** Issue a pack and take one back. */
    public function handOver(User $user): bool
    {
        return $user->holds(...self::HOLDERS['handOver']);
    }
}
