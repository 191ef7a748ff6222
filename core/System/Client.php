<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** Whose vehicle it is. */
final readonly class Client
{
    use Listed;

    public function __construct(public string $name, public string $email = '', public string $phone = '', public string $address = '')
    {
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::text('name', 160)->required(),
            DataField::text('email', 190)->orElse(''),
            DataField::text('phone', 60)->orElse(''),
            DataField::text('address', 250)->orElse(''),
        ]);
    }
}
