<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property Role $role
 */
final class User extends Authenticatable
{
    use Audited;
    use Versioned;

    protected $fillable = ['name', 'email', 'password', 'role', 'active', 'must_change_password'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = [
        'password' => 'hashed',
        'role' => Role::class,
        'active' => 'boolean',
        'must_change_password' => 'boolean',
    ];

    public function isOffice(): bool
    {
        return $this->role === Role::Office;
    }

    public function isPlanner(): bool
    {
        return $this->role === Role::Planner;
    }
}
