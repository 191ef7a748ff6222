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
    private function __construct(public readonly string $path, string $message)
    {
        parent::__construct($message);
    }

    /**
     * @param string $path JSON pointer of the offending key; "" is the whole input
     */
    public static function at(string $path, string $message): self
    {
        return new self($path, $message);
    }

    /** The same refusal seen from one level further out. */
    public function under(string $prefix): self
    {
        return new self($prefix . $this->path, $this->getMessage());
    }
}
