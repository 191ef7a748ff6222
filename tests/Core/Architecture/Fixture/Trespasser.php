<?php

declare(strict_types=1);

namespace Pebblefell\Sun;

/** Breaks every rule of the house once. GuardTest sees to it that each is noticed. */
final class Trespasser
{
    public function trespass(\Pebblefell\System\System $system): int
    {
        \App\Models\Job::query();
        echo \Illuminate\Support\Str::random();

        return time() + random_int(0, 9) + count($system->parts) + strlen((string) file_get_contents('/etc/hostname'));
    }
}
