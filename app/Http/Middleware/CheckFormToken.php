<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** Every form carries its token in a field; no cookie is needed, and two copies on one machine would share it. */
final class CheckFormToken extends ValidateCsrfToken
{
    protected $addHttpCookie = false;
}
