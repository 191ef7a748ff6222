<?php

declare(strict_types=1);

namespace Pebblefell\System\Sheet;

use Pebblefell\Exception\InvalidValue;

/** Reads and writes a record of the job file by its list of fields. */
trait Listed
{
    /** Lists the record's fields in the file's order. */
    abstract public static function fields(): FieldList;

    /**
     * @return array<string, mixed> the record as a row of the file
     */
    public function toArray(): array
    {
        return self::fields()->write($this);
    }

    /**
     * @param array<string, mixed> $row as toArray() gives it
     *
     * @throws InvalidValue at the key that does not hold what it should
     */
    public static function fromArray(array $row): self
    {
        return new self(...self::fields()->read($row));
    }
}
