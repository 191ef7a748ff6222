<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Str;

/**
 * A browser that has signed in to an account carries that in a cookie of its own, signed. Guesses from elsewhere then do not lock its
 * person out: they are counted by themselves.
 */
final class Device
{
    private const COOKIE = 'device';
    private const DAYS = 90;

    /** Accounts that one browser remembers. Chosen. */
    private const MOST = 20;

    /** Remembers that this browser has signed in as somebody. */
    public static function knows(Request $request, User $user): void
    {
        ['id' => $id, 'users' => $users] = self::read($request);
        $users = array_slice(array_values(array_unique([$user->id, ...$users])), 0, self::MOST);
        Cookie::queue(self::name(), (string) json_encode(['id' => $id, 'users' => $users]), 60 * 24 * self::DAYS);
    }

    /** Names who guesses at which account: a row of users, however its address is spelled, and the device if it has signed in to it. */
    public static function asks(Request $request): string
    {
        $typed = $request->input('email');
        $email = mb_strtolower(is_string($typed) ? $typed : '');
        // By the database's own idea of what is the same address.
        $user = $email === '' ? null : User::query()->where('email', $email)->value('id');
        ['id' => $id, 'users' => $users] = self::read($request);

        return match (true) {
            $user === null => "nobody|$email",
            in_array($user, $users, true) => "$user|$id",
            default => "$user|strangers",
        };
    }

    /** @return array{id: string, users: list<int>} */
    private static function read(Request $request): array
    {
        $kept = json_decode((string) $request->cookies->get(self::name()), true);

        return is_array($kept) && is_string($kept['id'] ?? null) && is_array($kept['users'] ?? null)
            ? ['id' => $kept['id'], 'users' => array_values(array_map(intval(...), $kept['users']))]
            : ['id' => Str::random(20), 'users' => []];
    }

    /** Two copies on one machine need two names. */
    private static function name(): string
    {
        return config('session.cookie') . '_' . self::COOKIE;
    }
}
