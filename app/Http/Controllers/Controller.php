<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\Request;

abstract class Controller
{
    /** Refuses what no page offers as things stand now, and says why: 409. */
    protected static function onlyIf(bool $isSo, string $otherwise): void
    {
        abort_unless($isSo, 409, $otherwise);
    }

    protected function user(Request $request): User
    {
        /** @var User $user */
        $user = $request->user();

        return $user;
    }
}
