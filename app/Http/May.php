<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Job;
use Illuminate\Support\Facades\Gate;

/** Tells what the reader of a page may do with its job, asked of the policy once: many rows of one page ask the same. */
final class May
{
    public static function do(string $ability, Job $job): bool
    {
        $asked = request()->attributes;
        $key = "may $ability $job->id " . auth()->id();
        if (!$asked->has($key)) {
            $asked->set($key, Gate::allows($ability, $job));
        }

        return (bool) $asked->get($key);
    }
}
