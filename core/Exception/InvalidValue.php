<?php

declare(strict_types=1);

namespace Pebblefell\Exception;

use InvalidArgumentException;

/**
 * A value that the trade cannot use, with the path of the key that holds it.
 *
 * The path is a JSON pointer ("/loads/2/watts"), so that a form, a file and the shell can all name the same place.
 */
final class InvalidValue extends InvalidArgumentException
{
    /**
     * @param array<string, mixed> $args
     */
    private function __construct(public readonly string $path, public readonly string $key, public readonly array $args)
    {
        parent::__construct($key);
    }

    /**
     * @param string $path JSON pointer of the offending key; "" is the whole input
     * @param string               $key  of its words in lang/NAME/refusals.php
     * @param array<string, mixed> $args what stands in them
     */
    public static function at(string $path, string $key, array $args = []): self
    {
        return new self($path, $key, $args);
    }

    /** The same refusal seen from one level further out. */
    public function under(string $prefix): self
    {
        return new self($prefix . $this->path, $this->key, $this->args);
    }
}
