<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Finding\Finding;
use Pebblefell\System\Part;

/** A finding in a result, to be put into words by whoever writes the result. */
final readonly class Said
{
    /**
     * @param array<string, mixed>  $more  keys of the result besides rule, severity, message, remedy, source
     * @param array<string, Part>   $parts that it speaks of, by uid
     */
    public function __construct(public Finding $finding, public array $more = [], public array $parts = [])
    {
    }
}
