<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;

/** Says that the server is up. It is also the bare route that bench/ measures the pages against. */
final class UpController extends Controller
{
    public function __invoke(): Response
    {
        return new Response('up', 200, ['Content-Type' => 'text/plain']);
    }
}
