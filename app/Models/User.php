<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * @property \Illuminate\Support\Collection<int, Role> $roles one or more
 */
final class User extends Authenticatable
{
    use Audited;
    use Versioned;

    protected $table = 'users';

    protected $fillable = ['name', 'email', 'password', 'roles', 'active', 'must_change_password'];

    protected $hidden = ['password', 'remember_token'];

    /**
     * @return array<string, string>
     */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'roles' => AsEnumCollection::of(Role::class),
            'active' => 'boolean',
            'must_change_password' => 'boolean',
        ];
    }

    /** Signs the person out everywhere, but for one session, and lets no browser that remembers them in again. */
    public function endSessions(string $but = ''): void
    {
        DB::table((string) config('session.table'))->where('user_id', $this->id)->where('id', '!=', $but)->delete();
        $this->forceFill(['remember_token' => Str::random(60)])->saveQuietly();
    }

    /** Whether the person holds at least one of them. */
    public function holds(Role ...$any): bool
    {
        return $this->roles->contains(static fn(Role $r): bool => in_array($r, $any, true));
    }

    /** Who may give roles. */
    public function officeNames(): string
    {
        return implode(', ', self::namesWith(Role::Office));
    }

    /** "office, planner" */
    public function roleWords(): string
    {
        return $this->roles->map(static fn(Role $r): string => $r->value)->implode(', ');
    }

    /**
     * People whose account is open and who hold at least one of the roles.
     *
     * @return list<string> names
     */
    public static function namesWith(Role ...$any): array
    {
        return array_values(
            self::query()->where('active', true)->orderBy('name')->get()->filter(
                static fn(self $u): bool => $u->holds(...$any),
            )->map(static fn(self $u): string => $u->name)->all(),
        );
    }
}
