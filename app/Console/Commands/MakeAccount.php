<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Str;

/** Makes an account from the shell and prints its first password, which must be changed at the first sign-in. */
final class MakeAccount extends Command
{
    protected $signature = 'pebblefell:account {email} {name} {role=office : office, planner or technician}';

    protected $description = 'Makes an account and prints its first password';

    public function handle(): int
    {
        $role = Role::tryFrom((string) $this->argument('role'));
        $email = mb_strtolower((string) $this->argument('email'));
        if ($role === null || filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            $this->error($role === null ? 'The role is office, planner or technician.' : "$email is not an e-mail address.");

            return self::INVALID;
        }
        if (User::query()->where('email', $email)->exists()) {
            $this->error("$email has an account already.");

            return self::FAILURE;
        }
        $password = Str::password(14, symbols: false);
        User::query()->create(['name' => (string) $this->argument('name'), 'email' => $email, 'password' => $password, 'role' => $role, 'must_change_password' => true]);
        $this->line("Account $email ($role->value). First password: $password");

        return self::SUCCESS;
    }
}
