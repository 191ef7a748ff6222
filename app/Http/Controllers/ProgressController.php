<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Support\Progress;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** How far a file is that this person sent. */
final class ProgressController extends Controller
{
    public function __invoke(Request $request, string $name): JsonResponse
    {
        return new JsonResponse(Progress::ask($request, $name));
    }
}
