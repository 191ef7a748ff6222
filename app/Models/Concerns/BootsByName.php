<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;

/**
 * A model whose traits are booted by their names alone (`bootAudited`), without reading every method of every model for attributes, which
 * this house does not use: a page of a job meets some fifteen models, and that took 2.7 ms of its 48.
 *
 * @phpstan-require-extends Model
 */
trait BootsByName
{
    protected static function bootTraits(): void
    {
        static::$traitInitializers[static::class] = [];
        foreach (class_uses_recursive(static::class) as $trait) {
            $name = class_basename($trait);
            if (method_exists(static::class, "boot$name")) {
                static::{"boot$name"}();
            }
            if (method_exists(static::class, "initialize$name")) {
                static::$traitInitializers[static::class][] = "initialize$name";
            }
        }
    }
}
