<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A form may say where to go on: `back`, a path of this application and nothing else. */
trait GoesBack
{
    public function backTo(string $otherwise): string
    {
        $back = $this->string('back')->toString();

        return preg_match('~^/(?![/\\\\])~', $back) === 1 ? url($back) : $otherwise;
    }
}
