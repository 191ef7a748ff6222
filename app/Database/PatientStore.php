<?php

declare(strict_types=1);

namespace App\Database;

use Closure;
use Illuminate\Cache\DatabaseStore;

/** The cache in the database: a count that met another one on another node is counted again. */
final class PatientStore extends DatabaseStore
{
    /**
     * @param string    $key
     * @param int|float $value
     *
     * @return int|false
     */
    protected function incrementOrDecrement($key, $value, Closure $callback)
    {
        return Faults::patiently(fn(): int|false => parent::incrementOrDecrement($key, $value, $callback));
    }
}
