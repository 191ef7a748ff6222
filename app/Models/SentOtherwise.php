<?php

declare(strict_types=1);

namespace App\Models;

use Symfony\Component\HttpKernel\Exception\HttpException;

/** An id from an outbox has come before, with something else in it: it is told, never taken for kept. */
final class SentOtherwise extends HttpException
{
    public function __construct()
    {
        parent::__construct(409, 'Something else was sent under this id before: this was not kept. Note it again.');
    }
}
