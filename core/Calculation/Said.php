<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Finding\Finding;

/** A finding in a result, to be put into words by whoever writes the result. */
final readonly class Said
{
    /**
     * @param array<string, mixed>  $more  keys of the result besides rule, severity, message, remedy, source
     * @param array<string, string> $names of parts, by uid
     */
    public function __construct(public Finding $finding, public array $more = [], public array $names = [])
    {
    }
}
