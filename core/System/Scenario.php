<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** A way of living in the vehicle: summer pitch, hot night, winter. One of them sizes the system. */
final readonly class Scenario
{
    use Listed;

    public function __construct(public string $uid, public string $name, public bool $sizing = false, public bool $inverterAlwaysOn = false)
    {
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::uid(),
            DataField::text('name', 80)->notEmpty()->required(),
            DataField::flag('sizing')->orElse(false),
            DataField::flag('inverter_always_on')->orElse(false),
        ]);
    }
}
