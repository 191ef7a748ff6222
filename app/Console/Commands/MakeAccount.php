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
    protected $signature = 'pebblefell:account {email} {name}'
        . ' {roles? : office, planner, technician, or several with commas; the first account holds all}';

    protected $description = 'Makes an account and prints its first password';

    public function handle(): int
    {
        $first = User::query()->doesntExist();
        $typed = (string) ($this->argument('roles') ?? ($first ? implode(',', array_column(Role::cases(), 'value')) : Role::Office->value));
        $roles = array_map(static fn(string $r): ?Role => Role::tryFrom(trim($r)), explode(',', $typed));
        $email = mb_strtolower((string) $this->argument('email'));
        if (in_array(null, $roles, true) || filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            $this->error(in_array(null, $roles, true)
                ? 'A role is office, planner or technician; several stand with commas between them.'
                : "$email is not an e-mail address.");

            return self::INVALID;
        }
        if (User::query()->where('email', $email)->exists()) {
            $this->error("$email has an account already.");

            return self::FAILURE;
        }
        $password = Str::password(14, symbols: false);
        User::query()->create([
            'name' => (string) $this->argument('name'),
            'email' => $email,
            'password' => $password,
            'roles' => $roles,
            'must_change_password' => true,
        ]);
        $this->line("Account $email (" . implode(
            ', ',
            array_map(static fn(?Role $r): string => $r->value ?? '', $roles),
        ) . "). First password: $password");

        return self::SUCCESS;
    }
}
