<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/**
 * Says that the server is up. Asked by a person who is signed in, it is the bare route that bench/ measures the pages against: a session,
 * an account and a permission, and nothing else.
 */
final class UpController extends Controller
{
    public function __invoke(): Response
    {
        return new Response('up', 200, ['Content-Type' => 'text/plain']);
    }
}
